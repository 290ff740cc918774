import type { Family } from './family.js';
import { currentKey } from './renamed.js';
import { pla } from './families/pla.js';
import { plaTough } from './families/pla-tough.js';
import { plaCf } from './families/pla-cf.js';
import { plaHt } from './families/pla-ht.js';
import { plaFoam } from './families/pla-foam.js';
import { plaWood } from './families/pla-wood.js';
import { plaMetal } from './families/pla-metal.js';
import { plaIron } from './families/pla-iron.js';
import { plaCeramic } from './families/pla-ceramic.js';
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
import { paCopolymer } from './families/pa-copolymer.js';
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
import { pom } from './families/pom.js';
import { hdpe } from './families/hdpe.js';
import { pvdf } from './families/pvdf.js';
import { pps } from './families/pps.js';
import { ppsCf } from './families/pps-cf.js';
import { psu } from './families/psu.js';
import { ppsu } from './families/ppsu.js';
import { pa612 } from './families/pa612.js';
import { tpe } from './families/tpe.js';
import { pmma } from './families/pmma.js';
import { absGf } from './families/abs-gf.js';
import { pcCf } from './families/pc-cf.js';
import { petgEsd } from './families/petg-esd.js';
import { absEsd } from './families/abs-esd.js';
import { absFr } from './families/abs-fr.js';
import { pcFr } from './families/pc-fr.js';

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
  plaIron,
  plaCeramic,
  plaSilk,
  plaGlow,
  petg,
  petgCf,
  copolyesterHt,
  petCf,
  petgEsd,
  abs,
  absGf,
  absEsd,
  absFr,
  asa,
  asaCf,
  hips,
  pmma,
  pc,
  pcCf,
  pcFr,
  pcBlend,
  paCopolymer,
  pa6,
  pa12,
  pa612,
  pa6Cf,
  pa6Gf,
  pa12Cf,
  pp,
  ppLight,
  hdpe,
  pom,
  pvdf,
  tpe,
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
  psu,
  ppsu,
  pps,
  ppsCf,
];

const byKey = new Map(families.map(f => [f.key, f]));

/** The families' keys. */
export const familyKeys: readonly string[] = families.map(f => f.key);

/** A family by its key, or by one that it had before; undefined where there is none. */
export function familyByKey(key: string): Family | undefined {
  return byKey.get(currentKey(key));
}

/** The version of the shipped data; a decision keeps it so that its ranking can be rebuilt. */
export const LIBRARY_VERSION = '2026.11-6';
