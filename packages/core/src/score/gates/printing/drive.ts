import type { FamilyFlags } from '../../../materials/family.js';
import type { Verdict } from '../../gate.js';
import type { PrintingCheck } from './check.js';

const whyByDrive: Record<FamilyFlags['drive'], string> = {
  any: 'Feeds through any drive.',
  'slow-bowden': 'Feeds through a remote drive when run slowly, without retraction.',
  direct: `So soft that it buckles in a remote drive's tube.`,
};
const remoteVerdict: Record<FamilyFlags['drive'], Verdict> = {
  any: 'pass',
  'slow-bowden': 'marginal',
  direct: 'fail',
};

/** Whether the drive can feed it. */
export const driveCheck: PrintingCheck = (f, p) => {
  const { drive } = f.flags;
  return {
    id: 'drive',
    verdict: p.drive === 'direct' ? 'pass' : remoteVerdict[drive],
    need: drive === 'direct' ? 'direct' : 'any, slowly',
    have: p.drive,
    unit: '',
    why: whyByDrive[drive],
    rescue: 'passes with a direct drive',
    marginalPoints: 2,
  };
};
