/** A fault of the demo, with its part by name and its printer by its place in the demo. */
export interface DemoFault {
  part: string;
  printer: 0 | 1;
  fault: object;
}

/** Two faults of last month: what was seen, what was tried, and what it was. */
export const demoFaults: readonly DemoFault[] = [
  {
    part: 'Syrup-feeder gasket',
    printer: 0,
    fault: {
      at: '2026-10-17T10:00:00.000Z',
      symptoms: ['filament-ground', 'gaps'],
      absent: ['popping'],
      tried: [{ test: 'push-by-hand', outcome: 'no' }],
      context: { family: 'tpu-85a', printer: { drive: 'bowden' }, spool: { state: 'dry' } },
      end: {
        cause: 'remote-drive-soft',
        remedy: 'Printed on the cabinet, which feeds directly, at 25 mm/s',
        mending: 'helped',
        at: '2026-10-18T11:00:00.000Z',
        tellAt: ['card', 'printer'],
      },
    },
  },
  {
    part: 'Hive-stand levelling foot',
    printer: 1,
    fault: {
      at: '2026-10-24T11:30:00.000Z',
      symptoms: ['corner-lift'],
      absent: ['part-loose', 'layer-split'],
      tried: [{ test: 'close-door', outcome: 'yes' }],
      context: { family: 'asa', printer: { chamber: 'enclosed', chamberC: 45 }, part: { sharpCorners: 4 } },
      end: {
        cause: 'draught',
        remedy: 'The door stays shut until the bed is under 60 °C',
        mending: 'helped',
        at: '2026-10-24T15:00:00.000Z',
        tellAt: ['card'],
      },
    },
  },
];
