import { ListOf, Quantity, Text } from '../input/fields.js';

/** How prints of one family went on a printer. */
export class FamilyPrints {
  @Text({ maxLength: 80, doc: 'The key of the family.' }) family!: string;
  @Quantity({ min: 0, max: 1e6, doc: 'Prints of it that went well.' }) well!: number;
  @Quantity({ min: 0, max: 1e6, doc: 'Prints of it that failed.' }) failed!: number;
}

/** What a printer's own log of prints says: worked out from the log, see `printerRecord`, never typed. */
export class PrinterRecord {
  @Quantity({ min: 0, max: 1e6, doc: 'Prints, and files, that were timed.' }) timed!: number;
  @Quantity({ min: 0.001, max: 1000, doc: 'How long prints take, against what is expected of them.' })
  timeFactor!: number;
  @ListOf(() => FamilyPrints, { max: 200, doc: 'How its prints went, family by family.' })
  prints!: FamilyPrints[];
}
