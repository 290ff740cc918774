import { InputError, parseInput, type Problem } from '../input/parse.js';
import type { CriterionId } from './choices.js';
import { Brief } from './brief.js';
import { neededByCase } from './brief-load.js';

/** Criteria of which less is better. */
const lessHelps: ReadonlySet<CriterionId> = new Set<CriterionId>([
  'stiffness',
  'creep',
  'warp',
  'accuracy',
  'mass',
  'moisture',
  'cost',
]);

/**
 * Reads a brief: defaults filled in, unknown fields refused, and what one field asks of another checked.
 * @throws InputError with every problem
 */
export function parseBrief(plain: unknown): Brief {
  const brief = parseInput(Brief, plain);
  const problems: Problem[] = brief.loads.flatMap((load, i) => {
    const missing = neededByCase[load.case]
      .filter(field => load[field] === null)
      .map(field => ({
        field: `loads[${i}].${field}`,
        value: load[field] ?? undefined,
        message: `is needed for the case ${load.case}`,
      }));
    if (load.case === 'snap-fit' && load.thicknessMm === null && load.heightMm === null)
      missing.push({
        field: `loads[${i}].thicknessMm`,
        value: undefined,
        message: 'is needed for the case snap-fit',
      });
    return missing;
  });
  const { setting, sourceC, partC, ambientMaxC, ambientMinC } = brief.heat;
  if (setting === 'near-source' && sourceC === null)
    problems.push({
      field: 'heat.sourceC',
      value: undefined,
      message: 'is needed near a source: what the part itself reaches, −50 to 400 °C',
    });
  if (setting === 'custom' && partC === null)
    problems.push({
      field: 'heat.partC',
      value: undefined,
      message: 'is needed for custom: the part temperature, −50 to 400 °C',
    });
  if (ambientMaxC !== null && ambientMinC !== null && ambientMinC > ambientMaxC)
    problems.push({
      field: 'heat.ambientMinC',
      value: ambientMinC,
      message: `must not be above heat.ambientMaxC (${ambientMaxC} °C)`,
    });
  brief.loads.forEach((load, i) => {
    if (load.forceLowN !== null && load.forceN !== null && load.forceLowN > load.forceN)
      problems.push({
        field: `loads[${i}].forceLowN`,
        value: load.forceLowN,
        message: `must not be above forceN (${load.forceN} N)`,
      });
  });
  for (const [id, [unacceptable, comfortable]] of Object.entries(brief.points) as [
    CriterionId,
    [number, number],
  ][]) {
    const wanted =
      id === 'flex' ? (brief.flex.want === 'rubbery' ? 'less' : 'more') : lessHelps.has(id) ? 'less' : 'more';
    if ((comfortable < unacceptable ? 'less' : 'more') !== wanted)
      problems.push({
        field: `points.${id}`,
        value: [unacceptable, comfortable],
        message:
          `must run ${wanted === 'less' ? 'down' : 'up'}: ${wanted} of it is better, so the ` +
          `comfortable point lies ${wanted === 'less' ? 'below' : 'above'} the unacceptable one`,
      });
  }
  if (problems.length) throw new InputError(problems);
  return brief;
}

/** A new brief with every default. */
export function newBrief(name: string): Brief {
  return parseBrief({ format: 'hornblende-brief', version: 1, name });
}
