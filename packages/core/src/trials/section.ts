import type { Brief } from '../brief/brief.js';
import { printedMember, wallMember } from '../brief/printed-member.js';
import type { SectionPrintedInput } from '../models/section-printed.js';

/** The section that a trial of a part weighs and breaks: of its first loaded member, else of its wall. */
export function trialSection(brief: Brief): SectionPrintedInput {
  for (const load of brief.loads) {
    const member = printedMember(brief, load);
    if (member) return member.input;
  }
  return wallMember(brief).input;
}
