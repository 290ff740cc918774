import type { BriefLoad } from '@hornblende/core/brief';

const cases: Record<BriefLoad['case'], string> = {
  cantilever: 'a bent arm',
  'simply-supported': 'a bar on two ends',
  'fixed-fixed': 'a bar held at both ends',
  tension: 'a pull',
  compression: 'a push',
  'direct-stress': 'a stress',
  'snap-fit': 'a snap',
  deceleration: 'a jolt',
  drop: 'a knock',
  clamp: 'a clamp',
  insert: 'an insert',
};

/** A load in a few words: "4 N, a bent arm". */
export function loadName(load: BriefLoad): string {
  return `${size(load)}${cases[load.case]}`;
}

function size({ forceN, stressMPa, massKg }: BriefLoad): string {
  if (forceN !== null) return `${forceN} N, `;
  if (stressMPa !== null) return `${stressMPa} MPa, `;
  return massKg === null ? '' : `${massKg} kg, `;
}
