import type { Family } from './family.js';
import { unloadedFrom } from './unloaded.js';

/** Made once for each family, which does not change once read. */
const made = new WeakMap<Family, Family>();

/** A family as an oven leaves it; the family itself where it gains nothing by one. */
export function bakedFamily(f: Family): Family {
  if (!f.baked) return f;
  const known = made.get(f);
  if (known) return known;
  const { retention, structure = f.flags.structure } = f.baked;
  const properties = { ...f.properties, ...f.baked.properties };
  if (!f.baked.properties.unloadedC) properties.unloadedC = unloadedFrom(structure, properties);
  const baked = { ...f, flags: { ...f.flags, structure }, properties, retention };
  made.set(f, baked);
  return baked;
}
