import type { Family } from './family.js';

/** Made once for each family, which does not change once read. */
const made = new WeakMap<Family, Family>();

/** A family as an oven leaves it; the family itself where it gains nothing by one. */
export function bakedFamily(f: Family): Family {
  if (!f.baked) return f;
  const known = made.get(f);
  if (known) return known;
  const { properties, retention } = f.baked;
  const baked = { ...f, properties: { ...f.properties, ...properties }, retention };
  made.set(f, baked);
  return baked;
}
