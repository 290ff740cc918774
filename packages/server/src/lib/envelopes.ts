import { schools, type School } from '@hornblende/core/brief';
import { Choice, Flag, Quantity, Text } from '@hornblende/core/input';

// The envelopes around the core's formats. A brief or printer inside one is read by the core's own parser.

/** What stands beside every document in a body. */
export class DocumentEnvelope {
  @Quantity({ min: 1, max: 1e9, optional: true, doc: 'The revision that was changed; needed to update.' })
  revision?: number;
  @Text({
    maxLength: 60,
    optional: true,
    nullable: true,
    doc: 'The id that something new is to have: sent twice, after an answer that was lost, it is one.',
  })
  id: string | null = null;
}

/** Body of `POST /api/parts` and `PUT /api/parts/:id`, less the brief. */
export class PartEnvelope extends DocumentEnvelope {
  @Text({ maxLength: 60, optional: true, nullable: true, doc: 'The printer it is meant for.' }) printerId:
    string | null = null;
  @Text({
    maxLength: 60,
    optional: true,
    nullable: true,
    doc: 'The weather it stands in, when its climate is its own.',
  })
  weatherId: string | null = null;
  @Flag({ optional: true, doc: 'Whether it is put away.' }) archived = false;
}

/** Body of `POST /api/printers` and `PUT /api/printers/:id`, less the profile. */
export class PrinterEnvelope extends DocumentEnvelope {
  @Flag({ optional: true, doc: 'Whether new parts use it.' }) isDefault = false;
}

/** Body of `POST /api/parts/:id/decisions/:decision/withdrawal`. */
export class WithdrawalInput {
  @Text({ maxLength: 4000, doc: 'Why it no longer stands.' }) reason!: string;
  @Text({ maxLength: 120, doc: 'Who says so.' }) by!: string;
}

/** Body of `PUT /api/workshop/quotes/:partId`. */
export class QuoteInput {
  @Quantity({
    min: 0.01,
    max: 1e6,
    nullable: true,
    doc: 'What a print service asks for one; null forgets it.',
  })
  each!: number | null;
}

/** Body of `POST /api/rank`, less brief and printer. */
export class RankEnvelope {
  @Choice(schools, { optional: true, nullable: true, doc: 'How to choose; default as in the brief.' })
  school: School | null = null;
}

/** Longest pass phrase, letters. */
const LONGEST_PHRASE = 200;

/** Body of `POST /api/desk/session`. */
export class PhraseInput {
  @Text({ maxLength: LONGEST_PHRASE, doc: 'The pass phrase of the desk.' }) phrase!: string;
}

/** Body of `PUT /api/desk/phrase`. */
export class NewPhraseInput {
  @Text({
    maxLength: LONGEST_PHRASE,
    nullable: true,
    doc: 'The pass phrase that the desk is to have, at least 8 letters; null takes it away.',
  })
  phrase!: string | null;
  @Text({
    maxLength: LONGEST_PHRASE,
    optional: true,
    allowEmpty: true,
    doc: 'The one that it has, where it has one.',
  })
  old = '';
}

/** Body of `PUT /api/bench/:id/readings`, less the reading. */
export class BenchEnvelope {
  @Text({ maxLength: 80, doc: 'The filament that was read, by its key in the trial.' }) material!: string;
}
