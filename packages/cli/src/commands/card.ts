import { Command, Option } from 'commander';
import type { Family } from '@hornblende/core/materials';
import { cardHtml, cardMarkdown, printCard } from '@hornblende/core/records';
import { withShelf } from '@hornblende/core/workshop';
import { ground, type GroundOptions } from '../ground.js';
import { withGround } from '../options.js';
import { print, printJson } from '../output.js';
import { materialOf } from '../material.js';
import { loadsOnShape } from '../own-shape.js';
import { readShape, shapedBrief } from '../shaped.js';

interface CardCommand extends GroundOptions {
  material: string;
  mesh?: string;
  lay: 'file' | 'best';
  as: 'markdown' | 'html' | 'json';
  json?: boolean;
}

/** `hornblende card`: all that is needed at the machine, on one page. */
export function cardCommand(): Command {
  return withGround(
    new Command('card')
      .description('write the print card of a part in one filament')
      .argument('<brief>', 'brief as JSON; - for standard input')
      .requiredOption('--material <key>', 'the family or grade'),
  )
    .option(
      '--mesh <file>',
      'the part as STL, OBJ or 3MF: its size, volume and corners stand in for the brief’s',
    )
    .addOption(
      new Option('--lay <way>', 'how that file is laid: as in it, or as is best for the filament')
        .choices(['file', 'best'])
        .default('file'),
    )
    .addOption(
      new Option('--as <shape>', 'what it is written as')
        .choices(['markdown', 'md', 'html', 'json'])
        .default('markdown'),
    )
    .option('--json', 'print JSON only')
    .action(async (file: string, o: CardCommand) => {
      const g = ground(file, o);
      const [family] = withShelf([materialOf(o.material, g.grades)], g.shelf) as [Family];
      const best = o.lay === 'best' ? { family, printer: g.printer, weather: g.weather } : null;
      const brief = o.mesh ? shapedBrief(g.brief, await readShape(o.mesh, best !== null), best) : g.brief;
      if (o.mesh) await loadsOnShape(brief, o.mesh);
      const card = printCard(brief, { family, printer: g.printer, weather: g.weather });
      if (o.json || o.as === 'json') printJson(card);
      else print((o.as === 'html' ? cardHtml(card) : cardMarkdown(card)).trimEnd());
    });
}
