import { isISO8601 } from 'class-validator';
import { Choice, Flag, ListOf, Quantity, Text } from '../input/fields.js';
import { InputError, parseInput, type Problem } from '../input/parse.js';
import { failureModes, type FailureMode } from './modes.js';
import { PhotoRef, photoProblems } from '../records/photo-ref.js';

/** What a look came to. Failed, lost and removed end its service. */
export const verdicts = ['fine', 'worn', 'failed', 'lost', 'removed'] as const;
/** What a look came to. */
export type InspectionVerdict = (typeof verdicts)[number];
/** What bending it a little shows. */
export const springings = ['springs-back', 'stays-bent', 'not-tried'] as const;
/** What a fingernail does. */
export const nailMarks = ['none', 'marks', 'flakes', 'not-tried'] as const;
/** How far it is cracked. */
export const crackings = ['none', 'hairline', 'through', 'not-looked'] as const;
/** Its colour against a side that the sun does not see. */
export const fadings = ['same', 'paler', 'chalky', 'not-seen'] as const;

/** One look at a part in service. */
export class Inspection {
  @Text({
    maxLength: 60,
    doc: 'An id of its own, made where it was written: the same one twice is one look.',
  })
  id!: string;
  @Text({ maxLength: 60, doc: 'The part that was looked at.' }) placementId!: string;
  @Text({ maxLength: 40, doc: 'When, as an ISO 8601 date and time.' }) at!: string;
  @Text({ maxLength: 80, optional: true, allowEmpty: true, doc: 'Who looked; default not said.' }) by = '';
  @Choice(verdicts, { doc: 'What it came to.' }) verdict!: InspectionVerdict;
  @Choice(failureModes, { optional: true, nullable: true, doc: 'How it failed; default null: it did not.' })
  mode: FailureMode | null = null;
  @Quantity({
    min: 0,
    max: 1000,
    unit: 'mm',
    optional: true,
    nullable: true,
    doc: 'How far it is bent; default null.',
  })
  bentMm: number | null = null;
  @Quantity({
    min: 0,
    max: 5000,
    unit: 'mm',
    optional: true,
    nullable: true,
    doc: 'Over what length; default null.',
  })
  bentOverMm: number | null = null;
  @Choice(springings, { optional: true, doc: 'What bending it a little shows; default not-tried.' })
  springs: (typeof springings)[number] = 'not-tried';
  @Choice(nailMarks, { optional: true, doc: 'What a fingernail does; default not-tried.' })
  nail: (typeof nailMarks)[number] = 'not-tried';
  @Choice(crackings, { optional: true, doc: 'How far it is cracked; default not-looked.' })
  cracks: (typeof crackings)[number] = 'not-looked';
  @Text({ maxLength: 120, optional: true, allowEmpty: true, doc: 'Where it is cracked; default not said.' })
  crackedAt = '';
  @Choice(fadings, { optional: true, doc: 'Its colour; default not-seen.' })
  fading: (typeof fadings)[number] = 'not-seen';
  @Quantity({
    min: 0,
    max: 100,
    unit: 'mm',
    optional: true,
    nullable: true,
    doc: 'How much has worn away where it slides, hums or is damped; default null.',
  })
  wornMm: number | null = null;
  @Quantity({
    min: 0,
    max: 1e5,
    unit: 'N',
    optional: true,
    nullable: true,
    doc: 'The force at which a spare of the same age broke or gave way, bent on purpose; default null.',
  })
  spareBreakN: number | null = null;
  @Flag({ optional: true, doc: 'Whether it sits loose; default false.' }) loose = false;
  @Flag({ optional: true, doc: 'Whether something gnawed at it; default false.' }) chewed = false;
  @Text({ maxLength: 1000, optional: true, allowEmpty: true, doc: 'Anything else; default nothing.' }) note =
    '';
  @ListOf(() => PhotoRef, { max: 6, optional: true, doc: 'Photographs; default none.' }) photos: PhotoRef[] =
    [];
  @Flag({ optional: true, doc: 'Struck out: kept, and not counted; default false.' }) struck = false;
}

/** An id that is safe in addresses and names of files. */
const ID = /^[A-Za-z0-9_-]{8,60}$/;

/** Reads an inspection. @throws InputError */
export function parseInspection(plain: unknown): Inspection {
  const look = parseInput(Inspection, plain);
  const problems: Problem[] = photoProblems(look.photos);
  if (!ID.test(look.id))
    problems.push({ field: 'id', value: look.id, message: 'must be 8 to 60 letters, figures, hyphens' });
  if (!isISO8601(look.at, { strict: true, strictSeparator: true }))
    problems.push({
      field: 'at',
      value: look.at,
      message: 'must be a date and time such as 2026-03-14T09:30:00Z',
    });
  if (look.verdict === 'failed' && look.mode === null)
    problems.push({
      field: 'mode',
      value: null,
      message: `must say how it failed: ${failureModes.join(', ')}`,
    });
  if (look.verdict !== 'failed' && look.mode !== null)
    problems.push({ field: 'mode', value: look.mode, message: 'must be null where it did not fail' });
  if (problems.length) throw new InputError(problems);
  return look;
}
