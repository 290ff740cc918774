const base = { format: 'hornblende-spool', version: 1 };

/** Ten spools on the shelf of the honey shed, at every stage of use. */
export const demoSpools = [
  { ...base, material: 'tarnbeck-hill-asa', colour: 'black', code: 'HB-01', price: 33, boughtAt: '2026-05-02', events: [{ kind: 'opened', at: '2026-05-09T09:00:00Z' }, { kind: 'printed', at: '2026-05-09T10:00:00Z', grams: 212, note: 'Levelling feet, first eight' }, { kind: 'boxed', at: '2026-05-10T18:00:00Z' }, { kind: 'weighed', at: '2026-09-12T17:00:00Z', grams: 655 }] },
  { ...base, material: 'wherrybank-everyday-pla', colour: 'straw', code: 'HB-02', netG: 750, reelG: 180, price: 14, boughtAt: '2026-01-12', events: [{ kind: 'opened', at: '2026-01-14T09:00:00Z' }, { kind: 'printed', at: '2026-01-29T15:00:00Z', grams: 118, note: 'Frame-spacing jigs' }, { kind: 'printed', at: '2026-02-11T10:00:00Z', grams: 41, note: 'Name plate' }] },
  { ...base, material: 'wherrybank-everyday-pla', colour: 'white', code: 'HB-03', netG: 750, reelG: 180, price: 14, boughtAt: '2026-09-01' },
  { ...base, material: 'wherrybank-stout-pla', colour: 'grey', code: 'HB-04', price: 24, boughtAt: '2026-03-20', events: [{ kind: 'opened', at: '2026-03-28T09:00:00Z' }, { kind: 'weighed', at: '2026-10-05T08:00:00Z', grams: 96 }] },
  { ...base, material: 'skerrow-petg-natural', colour: 'clear', code: 'HB-05', price: 23, boughtAt: '2026-04-11', events: [{ kind: 'opened', at: '2026-04-16T09:00:00Z' }, { kind: 'printed', at: '2026-06-20T12:00:00Z', grams: 260, note: 'Trough floats, trial' }] },
  { ...base, material: 'petg', maker: 'Lowmoor', colour: 'black', code: 'HB-06', price: 21, boughtAt: '2026-08-22', events: [{ kind: 'opened', at: '2026-08-30T09:00:00Z' }, { kind: 'dried', at: '2026-11-02T08:00:00Z', dryingC: 60, hours: 6 }, { kind: 'boxed', at: '2026-11-02T18:00:00Z' }] },
  { ...base, material: 'lowmoor-flex-86', colour: 'natural', code: 'HB-07', netG: 500, reelG: 170, price: 21, boughtAt: '2026-03-02', events: [{ kind: 'opened', at: '2026-03-05T09:00:00Z' }, { kind: 'printed', at: '2026-03-06T09:00:00Z', grams: 74, note: 'Gaskets' }] },
  { ...base, material: 'skerrow-pp-web', colour: 'natural', code: 'HB-08', netG: 500, reelG: 170, price: 18, boughtAt: '2026-06-15', events: [{ kind: 'opened', at: '2026-06-18T09:00:00Z' }, { kind: 'printed', at: '2026-06-18T13:00:00Z', grams: 139, note: 'Entrance gates, a dozen' }] },
  { ...base, material: 'lowmoor-pa12-fibre', colour: 'black', code: 'HB-09', netG: 500, reelG: 190, price: 39, boughtAt: '2026-07-07', events: [{ kind: 'opened', at: '2026-07-11T09:00:00Z' }, { kind: 'printed', at: '2026-07-11T12:00:00Z', grams: 55, note: 'Latch, trial' }, { kind: 'boxed', at: '2026-07-12T19:00:00Z' }] },
  { ...base, material: 'pva', maker: 'Tarnbeck', colour: 'natural', code: 'HB-10', netG: 500, reelG: 170, price: 38, boughtAt: '2025-10-19', events: [{ kind: 'opened', at: '2025-10-24T09:00:00Z' }, { kind: 'printed', at: '2025-10-24T15:00:00Z', grams: 62 }] },
];

/** What holds for the co-op's shed, and two quotes from a print service. */
export const demoWorkshop = { settings: { format: 'hornblende-workshop', version: 1, currency: '€', roomRhPct: 58 }, quotes: { 'Hive-stand levelling foot': 11.5, 'Van dashboard clip': 8, 'Solar wax melter latch': 9.4 } as Record<string, number> };
