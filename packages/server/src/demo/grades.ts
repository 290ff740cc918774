const base = { format: 'hornblende-grade', version: 1 };

/** Grades of invented makers, as a co-op would keep them: what the data sheet says, and what was tried in the shed. */
export const demoGrades = [
  {
    ...base,
    key: 'tarnbeck-hill-asa',
    name: 'Tarnbeck Hill ASA',
    maker: 'Tarnbeck',
    family: 'asa',
    sheet: { densityGcm3: 1.07, hdt045C: 97, uvHalfDoseMJm2: 3300, pricePerKg: 33 },
    windows: { nozzleC: { low: 240, high: 260 } },
    note: 'The black one; two winters on the hill so far.',
  },
  {
    ...base,
    key: 'wherrybank-everyday-pla',
    name: 'Wherrybank Everyday PLA',
    maker: 'Wherrybank',
    family: 'pla',
    sheet: { modulusMPa: 3100, hdt045C: 55, pricePerKg: 18 },
    measured: { yieldMPa: { low: 45, typical: 48, high: 51 } },
    note: 'Bars pulled with the luggage scale, five of them.',
  },
  {
    ...base,
    key: 'wherrybank-stout-pla',
    name: 'Wherrybank Stout PLA',
    maker: 'Wherrybank',
    family: 'pla-tough',
    sheet: { charpy23KJm2: 11, modulusMPa: 2200, pricePerKg: 24 },
  },
  {
    ...base,
    key: 'skerrow-petg-natural',
    name: 'Skerrow PETG Natural',
    maker: 'Skerrow',
    family: 'petg',
    sheet: { yieldMPa: 45, hdt045C: 70, pricePerKg: 23 },
    measured: { zRatio: 0.83 },
  },
  {
    ...base,
    key: 'lowmoor-flex-86',
    name: 'Lowmoor Flex 86',
    maker: 'Lowmoor',
    family: 'tpu-85a',
    sheet: { shoreA: 86, hdt045C: 46, pricePerKg: 41 },
  },
  {
    ...base,
    key: 'lowmoor-puff-85',
    name: 'Lowmoor Puff 85',
    maker: 'Lowmoor',
    family: 'tpu-foam',
    sheet: { pricePerKg: 52 },
    measured: {
      shoreA: { low: 58, typical: 61, high: 64 },
      densityGcm3: { low: 0.6, typical: 0.64, high: 0.68 },
    },
    windows: { nozzleC: { low: 222, high: 232 } },
    note:
      'Squares of one wall at 200, 215, 228 and 240 °C: 0.46, 0.61, 0.78 and 0.66 mm thick at a flow of 100 %, so it ' +
      'foams most near 228 °C and falls in again above; 61 A and 0.64 g/cm³ there at a flow of 58 %.',
  },
  {
    ...base,
    key: 'skerrow-pp-web',
    name: 'Skerrow PP Web',
    maker: 'Skerrow',
    family: 'pp',
    sheet: { densityGcm3: 0.9, modulusMPa: 1050, pricePerKg: 36 },
  },
  {
    ...base,
    key: 'lowmoor-pa12-fibre',
    name: 'Lowmoor PA12 Fibre',
    maker: 'Lowmoor',
    family: 'pa12-cf',
    sheet: { modulusMPa: 4600, hdt045C: 150, hdt18C: 116, pricePerKg: 78 },
  },
];
