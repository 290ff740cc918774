import type { Family } from './family.js';
import { pla } from './families/pla.js';
import { plaTough } from './families/pla-tough.js';
import { plaCf } from './families/pla-cf.js';
import { plaHt } from './families/pla-ht.js';
import { plaFoam } from './families/pla-foam.js';
import { plaWood } from './families/pla-wood.js';
import { plaMetal } from './families/pla-metal.js';
import { plaSilk } from './families/pla-silk.js';
import { plaGlow } from './families/pla-glow.js';
import { petg } from './families/petg.js';
import { petgCf } from './families/petg-cf.js';
import { copolyesterHt } from './families/copolyester-ht.js';
import { petCf } from './families/pet-cf.js';
import { abs } from './families/abs.js';
import { asa } from './families/asa.js';
import { asaCf } from './families/asa-cf.js';
import { hips } from './families/hips.js';
import { pc } from './families/pc.js';
import { pcBlend } from './families/pc-blend.js';
import { paEasy } from './families/pa-easy.js';
import { pa6 } from './families/pa6.js';
import { pa12 } from './families/pa12.js';
import { pa6Cf } from './families/pa6-cf.js';
import { pa6Gf } from './families/pa6-gf.js';
import { pa12Cf } from './families/pa12-cf.js';
import { pp } from './families/pp.js';
import { ppLight } from './families/pp-light.js';
import { tpu60a } from './families/tpu-60a.js';
import { tpu85a } from './families/tpu-85a.js';
import { tpu95a } from './families/tpu-95a.js';
import { tpu64d } from './families/tpu-64d.js';
import { tpuFoam } from './families/tpu-foam.js';
import { pva } from './families/pva.js';
import { bvoh } from './families/bvoh.js';
import { pvb } from './families/pvb.js';
import { peek } from './families/peek.js';
import { pei } from './families/pei.js';

/**
 * Every family of the library, by kind: PLA, copolyesters, styrenics, polycarbonates, nylons, PP,
 * flexibles, supports and specials.
 */
export const families: readonly Family[] = [
  pla,
  plaTough,
  plaCf,
  plaHt,
  plaFoam,
  plaWood,
  plaMetal,
  plaSilk,
  plaGlow,
  petg,
  petgCf,
  copolyesterHt,
  petCf,
  abs,
  asa,
  asaCf,
  hips,
  pc,
  pcBlend,
  paEasy,
  pa6,
  pa12,
  pa6Cf,
  pa6Gf,
  pa12Cf,
  pp,
  ppLight,
  tpu60a,
  tpu85a,
  tpu95a,
  tpu64d,
  tpuFoam,
  pva,
  bvoh,
  pvb,
  peek,
  pei,
];

const byKey = new Map(families.map(f => [f.key, f]));

/** The families' keys. */
export const familyKeys: readonly string[] = families.map(f => f.key);

/** A family by its key, or undefined. */
export function familyByKey(key: string): Family | undefined {
  return byKey.get(key);
}

/** The version of the shipped data; a decision keeps it so that its ranking can be rebuilt. */
export const LIBRARY_VERSION = '2026.11-4';
