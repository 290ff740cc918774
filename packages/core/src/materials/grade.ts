import { FamilyKey } from './material-key.js';
import { Choice, Flag, Nested, Quantity, Text } from '../input/fields.js';
import type { WindowName } from './family.js';
import { OwnFacts } from './own-facts.js';
import type { PropertyName, Window } from './property.js';

/** What a grade says of a property: its typical value, and the ends where they are given. */
export interface GradeValue {
  low: number | null;
  typical: number;
  high: number | null;
}

/** What a grade says of its properties. */
export type GradeValues = Partial<Record<PropertyName, GradeValue>>;

/** What a process window of a grade may span, low and high end. */
export const windowLimits: Record<WindowName, readonly [number, number]> = {
  nozzleC: [120, 500],
  bedC: [0, 250],
  chamberC: [-10, 250],
  speedMmS: [1, 1000],
  fanPct: [0, 100],
  retractionMm: [0, 15],
};

/** Every process window, in the order of writing. */
export const windowNames = Object.keys(windowLimits) as WindowName[];

/** What names a grade: `hornblende-grade/1` less its values. */
export class GradeIdentity {
  @Choice(['hornblende-grade'], { doc: 'Always hornblende-grade.' }) format!: 'hornblende-grade';
  @Choice([1], { doc: 'Always 1.' }) version!: 1;
  @Text({
    maxLength: 80,
    doc: 'A short name of its own: small letters, figures and hyphens; not the key of a family.',
  })
  key!: string;
  @Text({ maxLength: 120, doc: 'The name on the spool.' }) name!: string;
  @Text({ maxLength: 120, optional: true, allowEmpty: true, doc: 'Who makes it; default empty.' }) maker = '';
  @FamilyKey({ doc: 'The family it belongs to.' }) family!: string;
  @Text({ maxLength: 2000, optional: true, allowEmpty: true, doc: 'Anything worth keeping; default empty.' })
  note = '';
  @Flag({ optional: true, doc: 'Whether it is put away; default false.' }) archived = false;
  @Quantity({
    min: 0.05,
    max: 25,
    unit: 'g/cm³',
    optional: true,
    nullable: true,
    doc: 'Density of a piece after a night under water, with what it drank; default null: not soaked.',
  })
  soakedGcm3: number | null = null;
  @Nested(() => OwnFacts, {
    optional: true,
    nullable: true,
    doc: 'What is known of it that no property says, and beats what the library says of its family; default null.',
  })
  facts: OwnFacts | null = null;
}

/** `hornblende-grade/1`: a named product on top of a family, with what its data sheet says and what was measured. */
export interface Grade extends GradeIdentity {
  /** From the data sheet. */
  sheet: GradeValues;
  /** From own measurements; these win over the data sheet. */
  measured: GradeValues;
  /** Process windows from the label. */
  windows: Partial<Record<WindowName, Window>>;
}
