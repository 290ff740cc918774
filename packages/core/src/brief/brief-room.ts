import { Choice, Quantity } from '../input/fields.js';

/** Who may be in the room while it prints. */
export const roomPeople = ['nobody', 'adults', 'children'] as const;
/** How fumes may count: where practitioners disagree. */
export const fumesSchools = ['computed', 'limit', 'decisive', 'nuisance'] as const;

/** Who is in the room while it prints. */
export type RoomPeople = (typeof roomPeople)[number];
/** How fumes count. */
export type FumesSchool = (typeof fumesSchools)[number];

/** The room that the part is printed in, as far as people are concerned. */
export class BriefRoom {
  @Choice(roomPeople, {
    optional: true,
    nullable: true,
    doc: 'Who is in the room while it prints; default null: not said, and fumes are a caution only.',
  })
  who: RoomPeople | null = null;
  @Quantity({
    min: 0.1,
    max: 24,
    unit: 'h',
    optional: true,
    doc: 'Hours a day that somebody is there while it prints; default 8.',
  })
  hoursADay = 8;
  @Choice(fumesSchools, {
    optional: true,
    doc:
      'How fumes count: computed (weighed for this room), limit (over the reference value it is out), decisive ' +
      '(an unventilated room rules them out) or nuisance (a caution only); default computed.',
  })
  fumes: FumesSchool = 'computed';
}
