import { Command } from 'commander';
import { hasPlaces, type BriefLoad } from '@hornblende/core/brief';
import { InputError, parseInput } from '@hornblende/core/input';
import { sig } from '@hornblende/core/lib';
import { assess, contextFor, contextOf, type LoadAssessment } from '@hornblende/core/score';
import type { StressFieldResult, WarpFieldResult } from '@hornblende/core/field';
import { ground, type GroundOptions } from '../ground.js';
import { materialOf } from '../material.js';
import { withGround } from '../options.js';
import { print, printJson } from '../output.js';
import { fieldShape, loadOnShape } from '../own-shape.js';
import { readJson } from '../read-json.js';

interface FieldCommand extends GroundOptions {
  mesh: string;
  brief?: string;
  material?: string;
  json?: boolean;
}

/** `hornblende stress`: what a part's own shape bears. */
export function stressCommand(): Command {
  return withGround(
    new Command('stress')
      .description('work out the stresses in a part’s own shape')
      .argument('[input]', 'modulus, cells, where it is held and what acts, as JSON; - for standard input')
      .requiredOption('--mesh <file>', 'the part as STL, OBJ or 3MF')
      .option('--brief <file>', 'in place of figures: the loads of a brief that name their places')
      .option('--material <key>', 'with a brief: the family or grade whose reserve is asked'),
  )
    .option('--json', 'print JSON only')
    .action(async (file: string | undefined, o: FieldCommand) => {
      if (o.brief) {
        await stressOfBrief(o.brief, o);
        return;
      }
      if (file === undefined)
        throw new InputError([{ field: 'input', value: undefined, message: 'is needed, or --brief' }]);
      const { stressField, StressFieldInput, told } = await import('@hornblende/core/field');
      const input = parseInput(StressFieldInput, readJson(file));
      const result = told(stressField(await fieldShape(o.mesh), input));
      if (o.json) printJson(result);
      else print(stressText(result));
    });
}

/** The reserve of each load of a brief that names its places, in one filament. */
async function stressOfBrief(file: string, o: FieldCommand): Promise<void> {
  const g = ground(file, o);
  if (!o.material)
    throw new InputError([{ field: 'material', value: undefined, message: 'is needed with --brief' }]);
  const family = materialOf(o.material, g.grades);
  const told = g.brief.loads.filter(hasPlaces);
  if (!told.length)
    throw new InputError([
      {
        field: 'loads',
        value: g.brief.loads.length,
        message: 'name no places: fill in held and acts of one',
      },
    ]);
  const shape = await fieldShape(o.mesh);
  const found = new Map<BriefLoad, StressFieldResult>();
  for (const load of told) found.set(load, await loadOnShape(g.brief, load, shape));
  const ctx = contextFor(contextOf(g.brief, g.printer, g.weather), family);
  const { loads } = assess(ctx, family);
  const rows = g.brief.loads.flatMap((load, i) => {
    const field = found.get(load);
    return field ? [{ load: i, ...field, ...reservesOf(loads[i], ctx.safety) }] : [];
  });
  if (o.json) printJson({ material: family.key, loads: rows });
  else
    print(
      rows
        .map(
          r =>
            `load ${r.load + 1} in ${family.name}: bears ${sig(r.reserve ?? 0, 3)} times the load, ` +
            `${sig(r.reserveWithSafety ?? 0, 3)} times with the safety that is asked\n${stressText(r)}`,
        )
        .join('\n'),
    );
}

/** What a filament bears over what acts, and over that with the safety that the brief puts on top. */
function reservesOf(
  load: LoadAssessment | undefined,
  safety: number,
): { reserve: number | null; reserveWithSafety: number | null } {
  const reserveWithSafety = load?.reserve ?? load?.impactReserve ?? null;
  return { reserve: reserveWithSafety === null ? null : reserveWithSafety * safety, reserveWithSafety };
}

/** `hornblende warp`: the shape that a part takes off the plate. */
export function warpCommand(): Command {
  return new Command('warp')
    .description('work out how a part’s own shape warps, and where it pulls at the plate')
    .argument('<input>', 'figures as for warp.bow, with cellMm, as JSON; - for standard input')
    .requiredOption('--mesh <file>', 'the part as STL, OBJ or 3MF')
    .option('--json', 'print JSON only')
    .action(async (file: string, o: { mesh: string; json?: boolean }) => {
      const { toldWarp, warpField, WarpFieldInput } = await import('@hornblende/core/field');
      const input = parseInput(WarpFieldInput, readJson(file));
      const result = toldWarp(warpField(await fieldShape(o.mesh), input));
      if (o.json) printJson(result);
      else print(warpText(result));
    });
}

const place = (at: readonly number[]): string => at.map(x => sig(x, 3)).join(', ');

function stressText(r: StressFieldResult): string {
  const peak = (name: string, p: StressFieldResult['along']): string =>
    `${name}: ${sig(p.MPa, 3)} MPa, most at ${place(p.atMm)} mm (its worst cell ${sig(p.worstMPa, 3)} MPa)`;
  return [
    `${r.cells} cells of about ${sig(r.cellMm, 2)} mm, ${r.iterations} iterations in ${sig(r.seconds, 2)} s`,
    ...r.acts.map((a, i) => `act ${i + 1} moves ${sig(a.deflectionMm, 3)} mm where it acts`),
    peak('along the layers', r.along),
    peak('tension across them', r.across),
    peak('shear between them', r.shear),
    peak('tension and shear between them together', r.between),
    ...r.warnings.map(w => `! ${w}`),
  ].join('\n');
}

function warpText(r: WarpFieldResult): string {
  return [
    `bows ${sig(r.bowMm, 3)} mm off the plate`,
    ...r.edges.map(e => `the edge from ${place(e.from)} to ${place(e.to)} mm: ${sig(e.bowMm, 3)} mm`),
    `pulls hardest at ${place(r.liftsAtMm)} mm: letting go there releases ${sig(r.energyJm2, 3)} J/m²`,
    ...(r.pLift === null ? [] : [`lifts there ${sig(100 * r.pLift, 2)} times in 100`]),
  ].join('\n');
}
