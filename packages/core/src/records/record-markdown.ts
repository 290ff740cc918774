import { CERTIFICATION_NOTICE } from '../score/cautions.js';
import { escapeMarkdown } from './escape.js';
import type { DecisionRecord } from './record.js';
import { recordLead, recordSections } from './record-sections.js';

/** A decision as Markdown, for a wiki, a repository or a colleague. Pictures stand as their tables. */
export function recordMarkdown(r: DecisionRecord): string {
  const sections = recordSections(r, CERTIFICATION_NOTICE).filter(s => s.paragraphs.length || s.table);
  const body = sections.flatMap(s => [
    `## ${escapeMarkdown(s.title)}`,
    ...s.paragraphs.map(escapeMarkdown),
    ...(s.table
      ? [
          [
            row(s.table.head.map(escapeMarkdown)),
            row(s.table.head.map((_, i) => (s.table?.right != null && i >= s.table.right ? '--:' : '---'))),
            ...s.table.rows.map(cells => row(cells.map(escapeMarkdown))),
          ].join('\n'),
        ]
      : []),
  ]);
  return `${[`# ${escapeMarkdown(r.part)}: ${escapeMarkdown(recordLead(r))}`, ...body].join('\n\n')}\n`;
}

function row(cells: string[]): string {
  return `| ${cells.join(' | ')} |`;
}
