import { Command, Option } from 'commander';
import {
  cardHtml,
  cardMarkdown,
  familyByKey,
  familyKeys,
  gradeFamily,
  InputError,
  printCard,
  type Brief,
  type Family,
  type Grade,
} from '@hornblende/core';
import { ground, type GroundOptions } from '../ground.js';
import { withGround } from '../options.js';
import { print, printJson } from '../output.js';
import { readBytes } from '../read-json.js';

interface CardCommand extends GroundOptions {
  material: string;
  mesh?: string;
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
      new Option('--as <shape>', 'what it is written as')
        .choices(['markdown', 'md', 'html', 'json'])
        .default('markdown'),
    )
    .option('--json', 'print JSON only')
    .action(async (file: string, o: CardCommand) => {
      const g = ground(file, o);
      const brief = o.mesh ? await shapedBy(g.brief, o.mesh) : g.brief;
      const family = materialOf(o.material, g.grades);
      const card = printCard(brief, { family, printer: g.printer, weather: g.weather });
      if (o.json || o.as === 'json') printJson(card);
      else print((o.as === 'html' ? cardHtml(card) : cardMarkdown(card)).trimEnd());
    });
}

/** @throws InputError for a filament that is not there */
function materialOf(key: string, grades: readonly Grade[]): Family {
  const grade = grades.find(g => g.key === key);
  const family = grade ? gradeFamily(grade) : familyByKey(key);
  if (family) return family;
  const known = [...familyKeys, ...grades.map(g => g.key)].join(', ');
  throw new InputError([{ field: 'material', value: key, message: `must be one of ${known}` }]);
}

/** A brief with the size, volume and corners that a file has. */
async function shapedBy(brief: Brief, mesh: string): Promise<Brief> {
  const { meshReport, readMesh } = await import('@hornblende/core/geometry');
  const { boundsMm, volumeMm3, sharpCorners, warnings } = meshReport(readMesh(mesh, readBytes(mesh)));
  for (const w of warnings) process.stderr.write(`${mesh}: ${w}\n`);
  const { x, y, z } = boundsMm;
  const geometry = {
    ...brief.geometry,
    xMm: x,
    yMm: y,
    zMm: z,
    volumeCm3: volumeMm3 / 1000,
    sharpCorners: sharpCorners.length,
  };
  return { ...brief, geometry };
}
