import { dayWords } from '../lib/day-words.js';
import { sig } from '../lib/figures.js';
import { light } from '../palette.js';
import type { RecipeLine } from '../print/recipe/recipe-line.js';
import { cardLead, cardStages } from './card-words.js';
import type { CardLesson, PrintCard } from './card.js';
import { escapeXml as esc } from './escape.js';

const { ink, soft, rule, deep } = light.tokens;

/** Large enough to read at the machine; one sheet of A4 or Letter for most parts. */
const STYLE = `
*{box-sizing:border-box}
body{font:15px/1.35 'Atkinson Hyperlegible',system-ui,sans-serif;color:${ink};background:#fff;
  max-width:180mm;margin:10mm auto;padding:0 5mm}
h1{font-size:24px;margin:0 0 2px}
h2{font-size:13px;margin:10px 0 2px;color:${deep}}
p{margin:3px 0}
.caution{border-left:3px solid ${light.tokens.marginal};padding-left:8px}
.out{border-left:3px solid ${light.tokens.out};padding-left:8px}
ul{list-style:none;margin:0;padding:0}
li{display:grid;grid-template-columns:16px 28mm 1fr;gap:6px;padding:3px 0;border-top:1px solid ${rule};
  break-inside:avoid}
.box{width:12px;height:12px;border:1.5px solid ${ink};margin-top:3px}
.value{font-weight:700}.why{color:${soft};font-size:12.5px}
footer{margin-top:10px;color:${soft};font-size:11.5px}
@page{size:auto;margin:10mm}@media print{body{margin:0;padding:0;max-width:none}}
`;

/** A print card as a page of HTML that opens from disk and prints well: nothing fetched, no script. */
export function cardHtml(card: PrintCard, currency = '€'): string {
  const { small } = card;
  const title = `${esc(card.part)} in ${esc(card.name)}`;
  const paragraph = (text: string, kind = ''): string => `<p${kind && ` class="${kind}"`}>${text}</p>`;
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
<title>${title}</title>
<style>${STYLE}</style>
</head>
<body>
<h1>${title}</h1>
${paragraph(esc(cardLead(card, currency)))}
${card.against.map(a => paragraph(esc(a), 'out')).join('\n')}
${card.cautions.map(c => paragraph(`<b>Caution.</b> ${esc(c)}`, 'caution')).join('\n')}
<section><h2>A small print first</h2>
${paragraph(`Print ${esc(small.what)}, about ${sig(small.massG, 2)} g. ${esc(small.look)}`)}</section>
${card.lessons.length ? lessonsHtml(card) : ''}
${cardStages(card).map(stageHtml).join('\n')}
<footer>${esc(card.notice)}</footer>
</body>
</html>
`;
}

function lessonsHtml({ lessons }: PrintCard): string {
  const line = ({ what, remedy, at }: CardLesson): string =>
    `<p>${dayWords(at)}: ${esc(what)}. <b>${esc(remedy)}.</b></p>`;
  return `<section><h2>What earlier prints taught</h2>${lessons.map(line).join('')}</section>`;
}

function stageHtml({ title, lines }: ReturnType<typeof cardStages>[number]): string {
  return `<section><h2>${esc(title)}</h2><ul>${lines.map(lineHtml).join('')}</ul></section>`;
}

function lineHtml({ label, value, why }: RecipeLine): string {
  const said = `<span class="value">${esc(value)}</span> <span class="why">${esc(why)}</span>`;
  return `<li><span class="box"></span><span>${esc(label)}</span><span>${said}</span></li>`;
}
