import type { Grade, GradeValue } from '@hornblende/core/formats';
import type { Family, PropertyName, WindowName } from '@hornblende/core/materials';

/** Where a grade's value comes from. */
export type GradeLevel = 'sheet' | 'measured';

/** A grade with one value stated or, with null, no longer stated. */
export function withValue(
  grade: Grade,
  level: GradeLevel,
  name: PropertyName,
  typical: number | null,
): Pick<Grade, 'sheet'> | Pick<Grade, 'measured'> {
  const { [name]: before, ...others } = grade[level];
  const values = typical === null ? others : { ...others, [name]: moved(before, typical) };
  return { [level]: values } as Pick<Grade, 'sheet'> | Pick<Grade, 'measured'>;
}

/** Ends that no longer hold the value are dropped; the family's spread stands in for them. */
function moved(before: GradeValue | undefined, typical: number): GradeValue {
  const holds =
    before !== undefined &&
    before.low !== null &&
    before.high !== null &&
    before.low <= typical &&
    typical <= before.high;
  return holds ? { ...before, typical } : { low: null, typical, high: null };
}

/** A grade's windows with one end stated or, with null, the whole window given back to the family. */
export function withWindow(
  grade: Grade,
  ofFamily: Family['windows'] | null,
  name: WindowName,
  end: 'low' | 'high',
  value: number | null,
): Pick<Grade, 'windows'> {
  const { [name]: before, ...others } = grade.windows;
  if (value === null) return { windows: others };
  const window = before ?? ofFamily?.[name] ?? { low: value, high: value };
  return { windows: { ...others, [name]: { ...window, [end]: value } } };
}
