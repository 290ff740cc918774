import { yearsWords } from '../lib/years-text.js';
import { dayWords } from '../lib/day-words.js';
import { scoreShown } from '../score/doubt.js';
import { conditionsOf } from '../brief/conditions.js';
import { parseBrief } from '../brief/parse-brief.js';
import { choiceDoubts } from './choice-doubts.js';
import { briefInWords, printerInWords } from './brief-in-words.js';
import { METHOD_VERSION, methodOf } from './method.js';
import { sig } from '../lib/figures.js';
import { criterionLabels } from '../score/criteria.js';
import { gateLabel, gateNumbers, type Gate } from '../score/gate.js';
import type { DecisionRecord } from './record.js';
import type { Candidate } from '../score/candidate.js';
import { weightsShown } from '../score/weights-shown.js';
import { statusMark } from '../score/status-mark.js';

/** What a record says, before it is dressed as Markdown or HTML. */
export interface RecordSection {
  title: string;
  paragraphs: string[];
  /** `right`: from which column on the table stands to the right; null for none. */
  table: { head: string[]; rows: string[][]; right: number | null } | null;
  picture: 'strata' | 'rulers' | null;
}

const section = (title: string, part: Partial<RecordSection>): RecordSection => ({
  title,
  paragraphs: [],
  table: null,
  picture: null,
  ...part,
});
const pct = (p: number): string => `${sig(100 * p, 2)} %`;

/** Gates a row each; those of printing that simply pass share one. */
function gateRows(gates: readonly Gate[]): string[][] {
  const plain = gates.filter(g => g.id.startsWith('printability') && g.verdict === 'pass');
  const rows = gates
    .filter(g => !plain.includes(g))
    .map(g => [gateLabel(g.id), g.verdict, gateNumbers(g), g.why]);
  return plain.length
    ? [
        ...rows,
        [
          'Printing',
          'pass',
          '',
          `${plain.map(g => gateLabel(g.id).toLowerCase()).join(', ')}: nothing stands in the way.`,
        ],
      ]
    : rows;
}

/** A candidate of a record by its key. */
export function recorded(r: DecisionRecord, key: string | null): Candidate | undefined {
  return r.ranking.candidates.find(c => c.material === key);
}

/** The sentence that a record begins with. */
export function recordLead(r: DecisionRecord): string {
  const name = (key: string | null): string => recorded(r, key)?.name ?? key ?? 'none';
  return (
    `${name(r.firstChoice)}${r.secondChoice ? `, and ${name(r.secondChoice)} should it not be had` : ''}. ` +
    `Decided by ${r.decidedBy} on ${dayWords(r.decidedAt)}.`
  );
}

/** That a candidate was judged as baked, where it was. */
function bakedWords({ baked }: Candidate): string {
  return baked ? `, baked ${baked.hours} h at ${baked.ovenC} °C` : '';
}

/** Every section of a record, in the order of reading. */
export function recordSections(r: DecisionRecord, caution: string): RecordSection[] {
  const first = recorded(r, r.firstChoice);
  const second = recorded(r, r.secondChoice);
  const { conditions } = r.ranking;
  // A brief of an older record lacks the fields that briefs have gained since: their defaults stand in.
  const brief = parseBrief(r.premises.brief);
  const lead =
    r.ranking.firstChoice === r.firstChoice
      ? 'The ranking led with it too.'
      : `The ranking led with ${recorded(r, r.ranking.firstChoice)?.name ?? 'nothing'}; the choice ` +
        'goes against it, for the reason above.';
  const sure = r.robustness.candidates
    .filter(c => c.pFirst > 0 || c.material === r.firstChoice || c.material === r.secondChoice)
    .slice(0, 8);
  const ids = weightsShown(r.ranking.weights);
  const cautions = [...new Set([...(first?.cautions ?? []), ...(second?.cautions ?? [])])];
  return [
    section('Why', { paragraphs: [r.reason, lead, ...choiceDoubts(r, r.ranking)] }),
    section('What it must survive', {
      table: {
        head: ['', ''],
        rows: briefInWords(brief, { ...conditionsOf(brief, r.premises.weather), ...conditions }),
        right: null,
      },
    }),
    ...[first, second].flatMap(c =>
      c
        ? [
            section(`${c.name}${bakedWords(c)}, ${c.status}, ${scoreShown(c).toFixed(2)}`, {
              paragraphs: [...c.for, ...c.against.map(a => `Against: ${a}`)],
              table: {
                head: ['Gate', 'Verdict', 'Has and needs', 'Why'],
                rows: gateRows(c.gates),
                right: null,
              },
            }),
          ]
        : [],
    ),
    section('The ranking', {
      picture: 'strata',
      paragraphs: [
        `School: ${r.ranking.school}. The part itself reaches ${sig(first?.partC ?? conditions.partMaxC, 3)} °C and ` +
          `gets ${sig(conditions.uvDoseMJm2, 3)} MJ/m² of ultraviolet light over ` +
          `${yearsWords(r.premises.brief.lifeYears)}.`,
      ],
      table: {
        head: [
          'Criterion',
          'Weight',
          ...[first, second].flatMap(c => (c ? [`${c.name}`, 'desirability'] : [])),
        ],
        rows: ids.map(id => [
          criterionLabels[id].label,
          sig(r.ranking.weights[id], 2),
          ...[first, second].flatMap(c => {
            const k = c?.criteria.find(x => x.id === id);
            return k
              ? [
                  `${Number.isFinite(k.value) ? sig(k.value, 3) : 'no limit'} ${k.unit}`,
                  k.desirability.toFixed(2),
                ]
              : [];
          }),
        ]),
        right: 1,
      },
    }),
    // Rulers are worked out again, by today's method: an older answer keeps to its table.
    ...(methodOf(r) === METHOD_VERSION ? [section('Margins', { picture: 'rulers' })] : []),
    section('How sure', {
      paragraphs: [
        `${r.robustness.draws} draws of properties over their ranges and of weights about the stated ` +
          `ones, seed ${r.robustness.seed}; errors are one standard error.`,
      ],
      table: {
        head: ['Filament', 'First in', '±', 'Passes in', '±'],
        rows: sure.map(c => [c.name, pct(c.pFirst), pct(c.seFirst), pct(c.pFits), pct(c.seFits)]),
        right: 1,
      },
    }),
    section('Why the others were not chosen', {
      table: {
        head: ['Filament', '', 'Score', 'Why'],
        rows: r.rejected.map(x => [x.name, `${statusMark[x.status]} ${x.status}`, x.score.toFixed(2), x.why]),
        right: null,
      },
    }),
    ...(r.assumptions.length
      ? [
          section('Assumed, because it was not said', {
            paragraphs: [r.assumptions.map(a => `${a.label}: ${a.shown}`).join('; ') + '.'],
          }),
        ]
      : []),
    ...(cautions.length || r.hazardAcknowledged
      ? [
          section('Cautions', {
            paragraphs: [
              ...cautions,
              ...(r.hazardAcknowledged ? [`${r.decidedBy} acknowledged the hazard notice.`] : []),
            ],
          }),
        ]
      : []),
    section('What it rests on', {
      paragraphs: [
        `Library ${r.libraryVersion}, ${r.premises.families.length} families and ` +
          `${r.premises.grades.length} own grades; ` +
          `${r.premises.weather ? `weather ${r.premises.weather.name}` : 'no weather of its own'}. The ` +
          'record as JSON holds all of it, so that the ranking can be worked out again.',
        printerInWords(r.premises.printer),
        `Worked out by method ${methodOf(r)}${methodOf(r) === METHOD_VERSION ? '' : `; today’s is ${METHOD_VERSION}`}.`,
        caution,
      ],
    }),
  ];
}
