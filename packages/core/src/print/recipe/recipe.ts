import { bakingRule, coolingDownRule, surfaceRule } from './after.js';
import { bridgeRule, infillRule, layersRule, supportRule, wallsRule } from './body.js';
import { foamFlowRule, foamTravelRule } from './foam.js';
import { bedRule, nozzleRule } from './heat.js';
import { fanRule, retractionRule, speedRule } from './motion.js';
import { clipRule, firstLayerRule, plateRule, raftRule, rimRule } from './plate.js';
import { airRule, dryingRule, nozzleMetalRule } from './ready.js';
import { severalRule } from './several.js';
import { sizeRule } from './size.js';
import type { RecipeGround, RecipeLine, RecipeRule } from './recipe-line.js';

/** Every rule, in the order of the work. */
const rules: readonly RecipeRule[] = [
  dryingRule,
  nozzleMetalRule,
  airRule,
  nozzleRule,
  bedRule,
  plateRule,
  clipRule,
  firstLayerRule,
  rimRule,
  raftRule,
  speedRule,
  fanRule,
  retractionRule,
  foamFlowRule,
  foamTravelRule,
  wallsRule,
  layersRule,
  infillRule,
  sizeRule,
  supportRule,
  bridgeRule,
  severalRule,
  coolingDownRule,
  bakingRule,
  surfaceRule,
];

/** What to set and do for one part in one filament on one printer, in the order of the work, each with its reason. */
export function recipe(ground: RecipeGround): RecipeLine[] {
  return rules.flatMap(rule => rule(ground) ?? []);
}
