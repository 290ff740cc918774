import { Choice, ListOf, Quantity, Text } from '../input/fields.js';
import { plates, type Plate } from '../materials/family.js';

/** How prints of one family went on a printer. */
export class FamilyPrints {
  @Text({ maxLength: 80, doc: 'The key of the family.' }) family!: string;
  @Quantity({ min: 0, max: 1e6, doc: 'Prints of it that went well.' }) well!: number;
  @Quantity({ min: 0, max: 1e6, doc: 'Prints of it that failed.' }) failed!: number;
}

/** How prints on one plate of a printer went: it is the plate that wears, not the printer. */
export class PlatePrints {
  @Choice(plates, { doc: 'What kind of plate it is.' }) plate!: Plate;
  @Text({ maxLength: 60, nullable: true, doc: 'What it is called, where it is one of one’s own.' })
  ownPlate!: string | null;
  @Quantity({ min: 0, max: 1e6, doc: 'Prints on it that went well.' }) well!: number;
  @Quantity({ min: 0, max: 1e6, doc: 'Prints on it that failed.' }) failed!: number;
}

/** What a printer's own log of prints says: worked out from the log, see `printerRecord`, never typed. */
export class PrinterRecord {
  @Quantity({ min: 0, max: 1e6, doc: 'Prints, and files, that were timed.' }) timed!: number;
  @Quantity({ min: 0.001, max: 1000, doc: 'How long prints take, against what is expected of them.' })
  timeFactor!: number;
  @ListOf(() => FamilyPrints, { max: 200, doc: 'How its prints went, family by family.' })
  prints!: FamilyPrints[];
  @ListOf(() => PlatePrints, {
    max: 200,
    optional: true,
    doc: 'How prints went plate by plate, where theirs was noted; default none.',
  })
  plates: PlatePrints[] = [];
}
