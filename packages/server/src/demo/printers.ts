/** The two printers of the Highfell Bee Co-op, an invented hill apiary. */
export const demoPrinters = [
  {
    format: 'hornblende-printer', version: 1, name: 'Shed bench, open', nozzleMaxC: 260, bedMaxC: 100, chamber: 'open', chamberC: 28, drive: 'bowden', nozzleMetal: 'brass', linerLimitC: 240,
    plates: ['smooth-pei', 'textured-pei'], adhesives: ['glue-stick'], buildMm: [220, 220, 250], ventilation: 'room', dryerMaxC: null, maxFlowMm3s: 12,
  },
  {
    format: 'hornblende-printer', version: 1, name: 'Honey-house cabinet', nozzleMaxC: 300, bedMaxC: 110, chamber: 'enclosed', chamberC: 45, drive: 'direct', nozzleMetal: 'hardened', linerLimitC: null,
    plates: ['smooth-pei', 'textured-pei', 'garolite'], adhesives: ['glue-stick', 'pp-tape', 'release-layer'], buildMm: [256, 256, 256], ventilation: 'extracted', dryerMaxC: 85, maxFlowMm3s: 20,
  },
] as const;
