import { InputError, parseInput, type Problem } from '../input/parse.js';
import type { CriterionId } from './choices.js';
import { Brief } from './brief.js';
import { neededByCase, type BriefLoad } from './brief-load.js';

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
  if (brief.heat.setting === 'closed-vehicle' && !saysSun(plain)) brief.sun = 'full';
  const problems = [
    ...brief.loads.flatMap(loadProblems),
    ...heatProblems(brief),
    ...massProblems(brief),
    ...pointProblems(brief),
  ];
  if (problems.length) throw new InputError(problems);
  return brief;
}

/** Whether a brief says anything of the sun: in a closed vehicle, unsaid is taken as full. */
function saysSun(plain: unknown): boolean {
  return typeof plain === 'object' && plain !== null && 'sun' in plain;
}

/** What a load's case cannot do without, and a force that runs the wrong way. */
function loadProblems(load: BriefLoad, i: number): Problem[] {
  const needed = (field: keyof BriefLoad, message = `is needed for the case ${load.case}`): Problem => ({
    field: `loads[${i}].${field}`,
    value: undefined,
    message,
  });
  const problems = neededByCase[load.case].filter(field => load[field] === null).map(field => needed(field));
  if (load.case === 'snap-fit' && load.thicknessMm === null && load.heightMm === null)
    problems.push(needed('thicknessMm'));
  if (load.case === 'clamp' && load.stressMPa === null) {
    const instead = 'is needed for the case clamp, unless stressMPa is given';
    if (load.forceN === null) problems.push(needed('forceN', instead));
    if (load.areaMm2 === null) problems.push(needed('areaMm2', instead));
  }
  if (load.forceLowN !== null && load.forceN !== null && load.forceLowN > load.forceN)
    problems.push({
      field: `loads[${i}].forceLowN`,
      value: load.forceLowN,
      message: `must not be above forceN (${load.forceN} N)`,
    });
  return problems;
}

function heatProblems({ heat }: Brief): Problem[] {
  const { setting, sourceC, partC, ambientMaxC, ambientMinC, partMinC } = heat;
  const problems: Problem[] = [];
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
  const hottest = setting === 'custom' ? partC : setting === 'near-source' ? sourceC : null;
  if (partMinC !== null && hottest !== null && partMinC > hottest)
    problems.push({
      field: 'heat.partMinC',
      value: partMinC,
      message: `must not be above the hottest the part gets (${hottest} °C)`,
    });
  return problems;
}

function massProblems({ minMassG, maxMassG }: Brief): Problem[] {
  return minMassG !== null && maxMassG !== null && minMassG > maxMassG
    ? [{ field: 'minMassG', value: minMassG, message: `must not be above maxMassG (${maxMassG} g)` }]
    : [];
}

/** Points of a criterion's curve that run against its better side. */
function pointProblems(brief: Brief): Problem[] {
  const pairs = Object.entries(brief.points) as [CriterionId, [number, number]][];
  return pairs.flatMap(([id, [unacceptable, comfortable]]) => {
    const wanted = betterSide(brief, id);
    if ((comfortable < unacceptable ? 'less' : 'more') === wanted) return [];
    const down = wanted === 'less';
    return [
      {
        field: `points.${id}`,
        value: [unacceptable, comfortable],
        message:
          `must run ${down ? 'down' : 'up'}: ${wanted} of it is better, so the ` +
          `comfortable point lies ${down ? 'below' : 'above'} the unacceptable one`,
      },
    ];
  });
}

/** Whether more or less of what a criterion measures is better, under this brief. */
function betterSide(brief: Brief, id: CriterionId): 'more' | 'less' {
  if (id === 'flex') return brief.flex.want === 'rubbery' ? 'less' : 'more';
  return lessHelps.has(id) ? 'less' : 'more';
}

/** A new brief with every default. */
export function newBrief(name: string): Brief {
  return parseBrief({ format: 'hornblende-brief', version: 1, name });
}
