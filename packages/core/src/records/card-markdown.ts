import { dayWords } from '../lib/day-words.js';
import { sig } from '../lib/figures.js';
import { cardLead, cardStages } from './card-words.js';
import type { PrintCard } from './card.js';
import { escapeMarkdown as esc } from './escape.js';

/** A print card as Markdown, with boxes to tick. */
export function cardMarkdown(card: PrintCard, currency = '€'): string {
  const stages = cardStages(card).flatMap(({ title, lines }) => [
    `## ${title}`,
    '',
    ...lines.map(l => `- [ ] **${l.label}**: ${esc(l.value)} (${esc(l.why)})`),
    '',
  ]);
  return [
    `# ${esc(card.part)} in ${esc(card.name)}`,
    '',
    esc(cardLead(card, currency)),
    '',
    ...card.against.flatMap(a => [`> ${esc(a)}`, '']),
    ...card.cautions.flatMap(c => [`> **Caution.** ${esc(c)}`, '']),
    '## A small print first',
    '',
    `Print ${card.small.what}, about ${sig(card.small.massG, 2)} g. ${card.small.look}`,
    '',
    ...lessonLines(card),
    ...stages,
    card.notice,
    '',
  ].join('\n');
}

function lessonLines({ lessons }: PrintCard): string[] {
  if (!lessons.length) return [];
  const lines = lessons.map(l => `- ${dayWords(l.at)}: ${esc(l.what)}. **${esc(l.remedy)}.**`);
  return ['## What earlier prints taught', '', ...lines, ''];
}
