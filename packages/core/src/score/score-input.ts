import { Brief } from '../brief/brief.js';
import { parseBrief } from '../brief/parse-brief.js';
import { schools, type School } from '../brief/choices.js';
import { Choice, Nested } from '../input/fields.js';
import { Printer } from '../workshop/printer.js';

/** Input of the models that judge a whole brief. */
export class ScoreInput {
  @Nested(() => Brief, { doc: 'The brief.' }) brief!: Brief;
  @Nested(() => Printer, { optional: true, nullable: true, doc: 'The printer; default none in particular.' })
  printer: Printer | null = null;
  @Choice(schools, { optional: true, nullable: true, doc: 'How to choose; default as in the brief.' })
  school: School | null = null;
}

/** The brief and the options that an input asks about. */
export const asked = (i: ScoreInput): [Brief, { printer: Printer | null; school: School }] => {
  const brief = parseBrief(i.brief);
  return [brief, { printer: i.printer, school: i.school ?? brief.school }];
};

/** What the models over whole briefs hold for. */
export const families =
  'The shipped families; grades of a workshop take part in the application and by --grades on the command line.';
