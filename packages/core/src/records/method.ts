/**
 * The version of the method by which rankings are worked out. It changes whenever the same brief and the same data
 * would be answered otherwise; records carry it, so that an old answer is never taken for today's.
 */
export const METHOD_VERSION = '6';

/** The method of records that do not say: they were written before methods were numbered. */
const FIRST_METHOD = '1';

/** The method that a record was worked out by. */
export function methodOf(record: { methodVersion?: string }): string {
  return record.methodVersion ?? FIRST_METHOD;
}
