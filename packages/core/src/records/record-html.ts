import { CERTIFICATION_NOTICE } from '../score/cautions.js';
import { premisedCandidates } from './premises.js';
import { type DecisionRecord } from './record.js';
import { rulers } from '../advice/rulers.js';
import { escapeXml as esc } from './escape.js';
import { recordLead, recordSections, type RecordSection } from './record-sections.js';
import { rulersSvg } from './rulers-svg.js';
import { strataSvg } from './strata-svg.js';

/** Prints on A4 and on Letter alike: margins in mm, no fixed page height, rows and pictures never cut. Everything is inside the one file. */
const STYLE = `
@page { margin: 16mm 15mm; }
* { box-sizing: border-box; }
body { font: 14px/1.5 'Atkinson Hyperlegible', system-ui, sans-serif; color: #1E2723; max-width: 180mm; margin: 24px auto; padding: 0 16px; font-variant-numeric: tabular-nums; }
h1 { font-size: 24px; line-height: 1.2; margin: 0 0 4px; } h2 { font-size: 16px; margin: 22px 0 6px; break-after: avoid; } p { margin: 0 0 7px; }
.lead { font-size: 16px; } .why { border-left: 3px solid #23473B; padding-left: 12px; white-space: pre-line; }
table { border-collapse: collapse; width: 100%; font-size: 12px; margin: 6px 0; } th { text-align: left; font-weight: 400; color: #55615B; border-bottom: 1px solid #B9B4A3; padding: 3px 10px 3px 0; } td { border-bottom: 1px solid #D9D5C8; padding: 3px 10px 3px 0; vertical-align: top; overflow-wrap: break-word; } td:nth-child(2) { white-space: nowrap; } tr { break-inside: avoid; } thead { display: table-header-group; } .r { text-align: right; white-space: nowrap; }
figure { margin: 8px 0; break-inside: avoid; } svg { max-width: 100%; height: auto; }
footer { margin-top: 26px; color: #55615B; font-size: 12px; }
@media print { body { margin: 0; padding: 0; max-width: none; font-size: 11pt; } }`;

/** A decision as a page of HTML that opens from disk and prints well: pictures inline, nothing fetched, no script. */
export function recordHtml(r: DecisionRecord): string {
  const shown = [
    ...new Set([
      r.firstChoice,
      ...(r.secondChoice ? [r.secondChoice] : []),
      ...r.ranking.candidates.map(c => c.material),
    ]),
  ].slice(0, 7);
  const { brief, printer, weather } = r.premises;
  const pictures = {
    strata: () => strataSvg(r.ranking, shown),
    rulers: () =>
      rulersSvg(
        rulers(brief, { printer, weather, families: premisedCandidates(r.premises) }, shown.slice(0, 5)),
      ),
  };
  const sections = recordSections(r, CERTIFICATION_NOTICE).map(s => html(s, pictures));
  return `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>${esc(r.part)}: the decision</title><style>${STYLE}</style></head>
<body><h1>${esc(r.part)}</h1><p class="lead">${esc(recordLead(r))}</p>
${sections.join('\n')}
<footer>Written by Hornblende.</footer></body></html>
`;
}

function html(s: RecordSection, pictures: Record<'strata' | 'rulers', () => string>): string {
  const cell = (tag: 'th' | 'td', text: string, i: number): string =>
    `<${tag}${s.table?.right != null && i >= s.table.right ? ' class="r"' : ''}>${esc(text)}</${tag}>`;
  const rows = s.table
    ? `<table><thead><tr>${s.table.head.map((h, i) => cell('th', h, i)).join('')}</tr></thead><tbody>${s.table.rows.map(cells => `<tr>${cells.map((c, i) => cell('td', c, i)).join('')}</tr>`).join('')}</tbody></table>`
    : '';
  const figure = s.picture ? `<figure>${pictures[s.picture]()}</figure>` : '';
  return `<section><h2>${esc(s.title)}</h2>${s.paragraphs.map((p, i) => `<p${s.title === 'Why' && i === 0 ? ' class="why"' : ''}>${esc(p)}</p>`).join('')}${figure}${rows}</section>`;
}
