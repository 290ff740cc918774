import { rulers } from '../advice/rulers.js';
import { CERTIFICATION_NOTICE } from '../score/cautions.js';
import { escapeXml as esc } from './escape.js';
import { premisedCandidates, revived } from './premises.js';
import { recordLead, recordSections, type RecordSection } from './record-sections.js';
import { RECORD_STYLE } from './record-style.js';
import type { DecisionRecord } from './record.js';
import { rulersSvg } from './rulers-svg.js';
import { strataSvg } from './strata-svg.js';

/** How many candidates the strata and the rulers of a page show. */
const STRATA_SHOWN = 7;
const RULERS_SHOWN = 5;

type Pictures = Record<NonNullable<RecordSection['picture']>, () => string>;

/** A decision as a page of HTML that opens from disk and prints well: pictures inline, nothing fetched, no script. */
export function recordHtml(r: DecisionRecord): string {
  const sections = recordSections(r, CERTIFICATION_NOTICE).map(s => sectionHtml(s, picturesOf(r)));
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
<title>${esc(r.part)}: the decision</title>
<style>${RECORD_STYLE}</style>
</head>
<body>
<h1>${esc(r.part)}</h1>
<p class="lead">${esc(recordLead(r))}</p>
${sections.join('\n')}
<footer>Written by Hornblende.</footer>
</body>
</html>
`;
}

function picturesOf(r: DecisionRecord): Pictures {
  const premises = revived(r.premises);
  const { brief, printer, weather } = premises;
  const chosen = [r.firstChoice, ...(r.secondChoice ? [r.secondChoice] : [])];
  const shown = [...new Set([...chosen, ...r.ranking.candidates.map(c => c.material)])];
  return {
    strata: () => strataSvg(r.ranking, shown.slice(0, STRATA_SHOWN)),
    rulers: () => {
      const options = { printer, weather, families: premisedCandidates(premises) };
      return rulersSvg(rulers(brief, options, shown.slice(0, RULERS_SHOWN)));
    },
  };
}

function sectionHtml(s: RecordSection, pictures: Pictures): string {
  const paragraphs = s.paragraphs.map((text, i) => {
    const own = s.title === 'Why' && i === 0 ? ' class="why"' : '';
    return `<p${own}>${esc(text)}</p>`;
  });
  const figure = s.picture ? `<figure>${pictures[s.picture]()}</figure>` : '';
  const table = s.table ? tableHtml(s.table) : '';
  return `<section><h2>${esc(s.title)}</h2>${paragraphs.join('')}${figure}${table}</section>`;
}

function tableHtml({ head, rows, right }: NonNullable<RecordSection['table']>): string {
  const cell = (tag: 'th' | 'td', text: string, column: number): string => {
    const own = right !== null && column >= right ? ' class="r"' : '';
    return `<${tag}${own}>${esc(text)}</${tag}>`;
  };
  const row = (tag: 'th' | 'td', cells: readonly string[]): string =>
    `<tr>${cells.map((text, column) => cell(tag, text, column)).join('')}</tr>`;
  const body = rows.map(cells => row('td', cells)).join('');
  return `<table><thead>${row('th', head)}</thead><tbody>${body}</tbody></table>`;
}
