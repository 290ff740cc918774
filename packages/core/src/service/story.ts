import { light } from '../palette.js';
import { escapeMarkdown as md, escapeXml as esc } from '../records/escape.js';
import { RECORD_STYLE } from '../records/record-style.js';
import { CERTIFICATION_NOTICE } from '../score/cautions.js';
import type { Inspection } from './inspection.js';
import {
  consequenceWords,
  loadWords,
  materialWords,
  placeText,
  seenWords,
  standingWords,
  verdictWords,
} from './place-words.js';
import type { Placed } from './placed.js';

/** A look as a part's story tells it. */
export interface StoryLook {
  at: string;
  verdict: string;
  seen: string;
  by: string;
  /** Photographs by the SHA-256 of their files. */
  photos: string[];
}

/** The story of one part in service, from its first day on. */
export interface Story {
  name: string;
  /** How it stands now, in a sentence. */
  lead: string;
  facts: [what: string, said: string][];
  looks: StoryLook[];
}

/** Tells the story of a part. @param nameOf what a family or grade is called */
export function storyOf(
  { placement: p, standing }: Pick<Placed, 'placement' | 'standing'>,
  looks: readonly Inspection[],
  nameOf: (key: string) => string,
): Story {
  const told = [...looks].filter(l => !l.struck).sort((a, b) => a.at.localeCompare(b.at));
  const lead = standingWords(standing);
  const first: StoryLook = {
    at: p.since,
    verdict: 'placed',
    seen: '',
    by: '',
    photos: p.photos.map(photo => photo.sha256),
  };
  return {
    name: p.name,
    lead: `${lead[0]!.toUpperCase()}${lead.slice(1)}.`,
    facts: [
      ['Of', materialWords(p, nameOf)],
      ['Since', `${p.since}${p.sinceRough ? ', from memory' : ''}`],
      ['Where', `${p.place.where}: ${placeText(p)}`],
      ['Bears', `${loadWords[p.place.load]}; if it fails ${consequenceWords[p.ifItFails]}`],
      ...(p.code ? [['Tag', p.code] as Story['facts'][number]] : []),
      ...(p.note ? [['Note', p.note] as Story['facts'][number]] : []),
    ],
    looks: [
      first,
      ...told.map(l => ({
        at: l.at.slice(0, 10),
        verdict: verdictWords[l.verdict],
        seen: seenWords(l),
        by: l.by,
        photos: l.photos.map(photo => photo.sha256),
      })),
    ],
  };
}

/** A story as Markdown. */
export function storyMarkdown({ name, lead, facts, looks }: Story): string {
  const row = (...cells: string[]): string => `| ${cells.map(md).join(' | ')} |`;
  return [
    `# ${md(name)}`,
    '',
    md(lead),
    '',
    ...facts.map(([what, said]) => `- **${what}**: ${md(said)}`),
    '',
    '| When | It was | Seen | By | Photographs |',
    '|---|---|---|---|--:|',
    ...looks.map(l => row(l.at, l.verdict, l.seen, l.by, l.photos.length ? String(l.photos.length) : '')),
    '',
    CERTIFICATION_NOTICE,
    '',
  ].join('\n');
}

const STYLE = `${RECORD_STYLE}
dl { display: grid; grid-template-columns: 24mm 1fr; gap: 2px 12px; margin: 10px 0; }
dt { color: ${light.tokens.soft}; } dd { margin: 0; }
.photos { display: flex; flex-wrap: wrap; gap: 4mm; }
.photos img { height: 42mm; }
figcaption { font-size: 11px; color: ${light.tokens.soft}; }
`;

/**
 * A story as a page of HTML that opens from disk and prints well: nothing fetched, no script.
 * @param pictures photographs as data URIs, by their SHA-256; those that are missing are left out
 */
export function storyHtml(
  { name, lead, facts, looks }: Story,
  pictures: ReadonlyMap<string, string>,
): string {
  const cells = (l: StoryLook): string =>
    [l.at, l.verdict, l.seen, l.by].map(cell => `<td>${esc(cell)}</td>`).join('');
  const figures = looks.flatMap(l =>
    l.photos.flatMap(sha => {
      const src = pictures.get(sha);
      const caption = `<figcaption>${esc(l.at)}</figcaption>`;
      return src
        ? [`<figure><img src="${esc(src)}" alt="${esc(`${name}, ${l.at}`)}">${caption}</figure>`]
        : [];
    }),
  );
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
<title>${esc(name)}</title>
<style>${STYLE}</style>
</head>
<body>
<h1>${esc(name)}</h1>
<p class="lead">${esc(lead)}</p>
<dl>${facts.map(([what, said]) => `<dt>${esc(what)}</dt><dd>${esc(said)}</dd>`).join('')}</dl>
<h2>Its story</h2>
<table><thead><tr><th>When</th><th>It was</th><th>Seen</th><th>By</th></tr></thead>
<tbody>${looks.map(l => `<tr>${cells(l)}</tr>`).join('')}</tbody></table>
${figures.length ? `<h2>Through the years</h2><div class="photos">${figures.join('')}</div>` : ''}
<p>${esc(CERTIFICATION_NOTICE)}</p>
</body>
</html>
`;
}
