import type { Family } from './family.js';

/** A family as an oven leaves it; the family itself where it gains nothing by one. */
export function bakedFamily(f: Family): Family {
  return f.baked
    ? { ...f, properties: { ...f.properties, ...f.baked.properties }, retention: f.baked.retention }
    : f;
}
