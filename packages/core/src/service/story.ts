import { dayWords } from '../lib/day-words.js';
import { capital } from '../lib/capital.js';
import type { Sheet } from '../records/sheet.js';
import { sig } from '../lib/figures.js';
import { CERTIFICATION_NOTICE } from '../score/cautions.js';
import type { Inspection } from './inspection.js';
import {
  consequenceWords,
  loadWords,
  materialWords,
  pausesWords,
  placeText,
  seenWords,
  standingWords,
  verdictWords,
} from './place-words.js';
import type { Placed } from './placed.js';
import { strengthKept } from './strength-kept.js';

/**
 * The story of one part in service, from its first day on; its photographs go by the SHA-256 of their files.
 * @param nameOf what a family or grade is called
 */
export function storySheet(
  { placement: p, standing }: Pick<Placed, 'placement' | 'standing'>,
  looks: readonly Inspection[],
  nameOf: (key: string) => string,
): Sheet {
  const told = [...looks].filter(l => !l.struck).sort((a, b) => a.at.localeCompare(b.at));
  const lead = standingWords(standing);
  const kept = strengthKept(p, told).at(-1);
  const pictures = [
    ...p.photos.map(photo => ({ key: photo.sha256, caption: dayWords(p.since) })),
    ...told.flatMap(l => l.photos.map(photo => ({ key: photo.sha256, caption: dayWords(l.at) }))),
  ];
  return {
    title: p.name,
    lead: `${capital(lead)}.`,
    facts: [
      ['Of', materialWords(p, nameOf)],
      ['Since', `${dayWords(p.since)}${p.sinceRough ? ', from memory' : ''}`],
      ['Where', `${p.place.where}: ${placeText(p)}`],
      ['Bears', `${loadWords[p.place.load]}; if it fails ${consequenceWords[p.ifItFails]}`],
      ...(p.pauses.length ? ([['Taken in', pausesWords(p)]] as const) : []),
      ...(p.replacementPrice === null
        ? []
        : ([['Instead of', `a bought one for ${sig(p.replacementPrice, 3)}`]] as const)),
      ...(kept ? ([['Strength kept', kept.words]] as const) : []),
      ...(p.code ? ([['Tag', p.code]] as const) : []),
      ...(p.note ? ([['Note', p.note]] as const) : []),
    ],
    sections: [
      {
        title: 'Its story',
        table: {
          head: ['When', 'It was', 'Seen', 'By'],
          rows: [
            [dayWords(p.since), 'placed', '', ''],
            ...told.map(l => [dayWords(l.at), verdictWords[l.verdict], seenWords(l), l.by]),
          ],
        },
      },
      ...(pictures.length ? [{ title: 'Through the years', pictures }] : []),
    ],
    notice: CERTIFICATION_NOTICE,
  };
}
