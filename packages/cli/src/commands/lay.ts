import { Command } from 'commander';
import { easierLay, layChoices, layVerdicts, type LayVerdict } from '@hornblende/core/advice';
import { sig } from '@hornblende/core/lib';
import { families, gradeFamily } from '@hornblende/core/materials';
import { ground, type GroundOptions } from '../ground.js';
import { materialOf } from '../material.js';
import { laysOnShape } from '../own-shape.js';
import { withGround } from '../options.js';
import { print, printJson } from '../output.js';
import { readShape, shapedBrief } from '../shaped.js';

interface LayCommand extends GroundOptions {
  material: string;
  mesh: string;
  json?: boolean;
}

/** `hornblende lay`: the ways to lay a part's file in one filament, best first. */
export function layCommand(): Command {
  return withGround(
    new Command('lay')
      .description('compare the ways to lay a part in one filament')
      .argument('<brief>', 'brief as JSON; - for standard input')
      .requiredOption('--mesh <file>', 'the part as STL, OBJ or 3MF')
      .requiredOption('--material <key>', 'the family or grade'),
  )
    .option('--json', 'print JSON only')
    .action(async (file: string, o: LayCommand) => {
      const g = ground(file, o);
      const shape = await readShape(o.mesh, true);
      const brief = shapedBrief(g.brief, shape, null);
      const lays = await laysOnShape(brief, shape.lays, o.mesh);
      const options = { printer: g.printer, weather: g.weather };
      const verdicts = layVerdicts(brief, lays, materialOf(o.material, g.grades), options);
      const everything = [...families, ...g.grades.map(x => gradeFamily(x))];
      const choices = layChoices(brief, lays, { ...options, families: everything });
      const easier = easierLay(choices, verdicts.find(v => v.current)?.index ?? 0);
      const firstOf = (v: LayVerdict): string | null =>
        choices.find(c => c.index === v.index)?.first?.material ?? null;
      if (o.json)
        printJson({
          ways: verdicts.map(v => ({ ...plain(v), firstChoice: firstOf(v) })),
          easier: easier ? { up: shape.lays[easier.index]?.up, material: easier.first?.material } : null,
        });
      else print(verdicts.map(v => wayText(v, firstOf(v))).join('\n'));
    });
}

/** One way to lay it, as scripts want it. */
function plain(v: LayVerdict): object {
  const { massG, supportG, hours, costEach, pLift, pSplit } = v.candidate.printing;
  const { xMm, yMm, zMm } = v.brief.geometry;
  return {
    rank: v.rank,
    up: v.lay.up,
    sizeMm: { x: xMm, y: yMm, z: zMm },
    status: v.candidate.status,
    fits: v.fits,
    steady: v.lay.steady,
    massG,
    supportG,
    hours,
    costEach,
    bowMm: v.bowMm,
    pLift,
    pSplit,
    across: v.across,
    roughShare: v.roughShare,
    for: v.for,
    against: v.against,
    current: v.current,
  };
}

function wayText(v: LayVerdict, first: string | null): string {
  const { massG, supportG, hours } = v.candidate.printing;
  const up = v.lay.up.map(x => sig(x, 2)).join(', ');
  const now = v.current ? ', as in the file' : '';
  const supports = supportG < 0.05 ? '' : ` + ${sig(supportG, 2)} g of supports`;
  const takes = `${sig(massG, 3)} g${supports}, ${sig(60 * hours, 3)} min`;
  return [
    `${v.rank}. ${up} up${now}: ${v.candidate.status}, ${takes}; first ${first ?? 'none'}`,
    ...v.for.map(r => `   + ${r}`),
    ...v.against.map(r => `   - ${r}`),
  ].join('\n');
}
