import type { FamilyFlags } from '../../../materials/family.js';
import type { Verdict } from '../../gate.js';
import type { PrintingCheck } from './check.js';

/** Points of a soft filament that a closely led remote path just carries. */
const LED_POINTS = 3;

const whyByDrive: Record<FamilyFlags['drive'], string> = {
  any: 'Feeds through any drive.',
  'slow-bowden': 'Feeds through a remote drive when run slowly, without retraction.',
  direct: `So soft that it buckles in a remote drive's tube.`,
};
const ledWhy = {
  'slow-bowden': 'Feeds through a remote drive that leads it closely, when run slowly.',
  direct:
    'So soft that even a remote drive that leads it closely feeds it at a crawl, and jams now and then.',
};
const remoteVerdict: Record<FamilyFlags['drive'], Verdict> = {
  any: 'pass',
  'slow-bowden': 'marginal',
  direct: 'fail',
};

/** What a remote drive makes of it where the filament is led closely from the gears on: it has nowhere to buckle to. */
const ledVerdict: Record<FamilyFlags['drive'], Verdict> = {
  any: 'pass',
  'slow-bowden': 'pass',
  direct: 'marginal',
};

/** Whether the drive can feed it. */
export const driveCheck: PrintingCheck = (f, p) => {
  const { drive } = f.flags;
  const led = p.drive === 'bowden' && p.path === 'guided';
  return {
    id: 'drive',
    verdict: p.drive === 'direct' ? 'pass' : (led ? ledVerdict : remoteVerdict)[drive],
    need: drive === 'direct' ? 'direct' : 'any, slowly',
    have: led ? 'bowden, guided' : p.drive,
    unit: '',
    why: led && drive !== 'any' ? ledWhy[drive] : whyByDrive[drive],
    rescue: 'passes with a direct drive',
    marginalPoints: led ? LED_POINTS : 2,
  };
};
