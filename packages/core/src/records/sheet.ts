import { light } from '../palette.js';
import { escapeMarkdown as md, escapeXml as esc } from './escape.js';
import { RECORD_STYLE } from './record-style.js';

/** A picture on a sheet, by a key that its bytes are handed in under. */
export interface SheetPicture {
  key: string;
  caption: string;
}

/** A part of a sheet: what stands in it, in the order in which it is read. */
export interface SheetSection {
  title: string;
  paragraphs?: readonly string[];
  table?: { head: readonly string[]; rows: readonly (readonly string[])[] };
  pictures?: readonly SheetPicture[];
}

/** A report of a page or two, before it is laid out. */
export interface Sheet {
  title: string;
  /** What it comes to, in a sentence. */
  lead: string;
  facts: readonly (readonly [what: string, said: string])[];
  sections: readonly SheetSection[];
  /** What stands at its foot. */
  notice: string;
}

/** A sheet as Markdown; of pictures only how many there are. */
export function sheetMarkdown({ title, lead, facts, sections, notice }: Sheet): string {
  const row = (cells: readonly string[]): string => `| ${cells.map(md).join(' | ')} |`;
  const body = sections.flatMap(({ title: heading, paragraphs = [], table, pictures = [] }) => [
    `## ${md(heading)}`,
    '',
    ...paragraphs.flatMap(p => [md(p), '']),
    ...(table
      ? [row(table.head), `|${table.head.map(() => '---|').join('')}`, ...table.rows.map(row), '']
      : []),
    ...(pictures.length ? [`${pictures.length} ${pictures.length === 1 ? 'picture' : 'pictures'}.`, ''] : []),
  ]);
  return [
    `# ${md(title)}`,
    '',
    md(lead),
    '',
    ...facts.map(([what, said]) => `- **${md(what)}**: ${md(said)}`),
    '',
    ...body,
    md(notice),
    '',
  ].join('\n');
}

const STYLE = `${RECORD_STYLE}
dl { display: grid; grid-template-columns: 28mm 1fr; gap: 2px 12px; margin: 10px 0; }
dt { color: ${light.tokens.soft}; } dd { margin: 0; }
.pictures { display: flex; flex-wrap: wrap; gap: 4mm; }
.pictures img { height: 42mm; }
figcaption, footer { font-size: 11px; color: ${light.tokens.soft}; }
`;

/**
 * A sheet as a page of HTML that opens from disk and prints well: nothing fetched, no script.
 * @param pictures data URIs by their key; pictures that are missing are left out
 */
export function sheetHtml(sheet: Sheet, pictures: ReadonlyMap<string, string> = new Map()): string {
  const { title, lead, facts, sections, notice } = sheet;
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
<title>${esc(title)}</title>
<style>${STYLE}</style>
</head>
<body>
<h1>${esc(title)}</h1>
<p class="lead">${esc(lead)}</p>
<dl>${facts.map(([what, said]) => `<dt>${esc(what)}</dt><dd>${esc(said)}</dd>`).join('')}</dl>
${sections.map(s => sectionHtml(s, pictures)).join('\n')}
<footer>${esc(notice)}</footer>
</body>
</html>
`;
}

function sectionHtml(section: SheetSection, bytes: ReadonlyMap<string, string>): string {
  const { title, paragraphs = [], table, pictures = [] } = section;
  const cells = (tag: 'th' | 'td', list: readonly string[]): string =>
    `<tr>${list.map(cell => `<${tag}>${esc(cell)}</${tag}>`).join('')}</tr>`;
  const figures = pictures.flatMap(({ key, caption }) => {
    const src = bytes.get(key);
    const said = esc(caption);
    return src
      ? [`<figure><img src="${esc(src)}" alt="${said}"><figcaption>${said}</figcaption></figure>`]
      : [];
  });
  if (!paragraphs.length && !table && !figures.length) return '';
  const rows = table?.rows.map(r => cells('td', r)).join('') ?? '';
  return [
    `<h2>${esc(title)}</h2>`,
    ...paragraphs.map(p => `<p>${esc(p)}</p>`),
    table ? `<table><thead>${cells('th', table.head)}</thead><tbody>${rows}</tbody></table>` : '',
    figures.length ? `<div class="pictures">${figures.join('')}</div>` : '',
  ].join('\n');
}
