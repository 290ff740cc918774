import type { Assessment } from './assess.js';
import type { Context } from './context.js';
import { airGate } from './gates/air.js';
import { ageingGate } from './gates/ageing.js';
import { clampGate } from './gates/clamp.js';
import { contactGate } from './gates/contact.js';
import { electricalGate } from './gates/electrical.js';
import { sealGate } from './gates/seal.js';
import { setGate } from './gates/set.js';
import { steamGate } from './gates/steam.js';
import { surfaceGate } from './gates/surface.js';
import { looksGate } from './gates/looks.js';
import { stiffnessGate } from './gates/stiffness.js';
import { wearGate } from './gates/wear.js';
import { chemicalsGate } from './gates/chemicals.js';
import { clarityGate } from './gates/clarity.js';
import { floatGate } from './gates/float.js';
import { purposeGate } from './gates/purpose.js';
import { creepGate } from './gates/creep.js';
import { flexGate } from './gates/flex.js';
import { heatGate } from './gates/heat.js';
import { impactGate } from './gates/impact.js';
import { strengthGate } from './gates/strength.js';
import { uvGate } from './gates/uv.js';
import { waterGate } from './gates/water.js';
import type { Gate } from './gate.js';

/** What service asks of a family, each with its answer: those gates that the brief calls for. */
export function serviceGates(ctx: Context, a: Assessment): Gate[] {
  return [
    purposeGate(ctx, a),
    heatGate(ctx, a),
    ageingGate(ctx, a),
    strengthGate(ctx, a),
    stiffnessGate(ctx, a),
    creepGate(ctx, a),
    clampGate(ctx, a),
    impactGate(ctx, a),
    uvGate(ctx, a),
    flexGate(ctx, a),
    wearGate(ctx, a),
    waterGate(ctx, a),
    chemicalsGate(ctx, a),
    contactGate(ctx, a),
    electricalGate(ctx, a),
    sealGate(ctx, a),
    setGate(ctx, a),
    steamGate(ctx, a),
    airGate(ctx, a),
    looksGate(ctx, a),
    surfaceGate(ctx, a),
    clarityGate(ctx, a),
    floatGate(ctx, a),
  ].filter(g => g !== null);
}
