import { hoursAbove } from '../climate/part-year.js';
import { absorptivityOf, uvColourFactor, type Colour } from '../models/colours.js';
import { sig } from '../models/model.js';
import { strengthInput } from '../models/strength-allowable.js';
import { typical, typicalOrNull } from '../materials/family.js';
import type { Assessment, LoadAssessment } from './assess.js';
import type { Context } from './context.js';
import { byMargin, type Gate, type Verdict } from './gate.js';

/** Kelvins of margin under which heat is marginal. */
export const HEAT_COMFORT_K = 10;

/** Heat: the allowable part temperature at the worst load against what the part reaches. */
export function heatGate(ctx: Context, a: Assessment): Gate {
  const need = ctx.conditions.partMaxC;
  const margin = a.allowableC - need;
  const verdict = byMargin(margin, HEAT_COMFORT_K);
  const held = a.heatInput.sustainedHours > 1000 ? ' held for long' : '';
  const hours = ctx.year ? hoursAbove(ctx.year, a.allowableC) : 0;
  const often = hours > 0 ? ` It is hotter than that for ${hours} hours of the year.` : '';
  const at = a.heatInput.stressMPa > 0.05 ? ` at ${sig(a.heatInput.stressMPa, 2)} MPa${held}` : '';
  return {
    id: 'heat',
    verdict,
    need,
    have: a.allowableC,
    unit: '°C',
    why:
      margin < 0
        ? `The part reaches ${sig(need, 3)} °C; ${a.family.name}${at} bears ${sig(a.allowableC, 3)} °C, ${sig(-margin, 2)} K short.${often}`
        : `Bears ${sig(a.allowableC, 3)} °C${at}, ${sig(margin, 2)} K above the ${sig(need, 3)} °C it reaches.`,
    rescue: verdict === 'pass' ? null : heatRescue(ctx, a),
    working: { model: 'heat.allowable', inputs: a.heatInput },
  };
}

/** Tries, in order, a lighter colour, shade, and a lower stress; names the first that passes. */
function heatRescue(ctx: Context, a: Assessment): string {
  const { brief } = ctx;
  if (
    ctx.conditions.irradianceWm2 > 0 &&
    (brief.heat.setting === 'outdoors' || brief.heat.setting === 'closed-vehicle')
  ) {
    const now = absorptivityOf[brief.looks.clear ? 'clear' : brief.looks.colour];
    for (const colour of ['light', 'white'] as const) {
      if (absorptivityOf[colour] >= now) continue;
      const t = ctx.partMaxIf({ looks: { ...brief.looks, clear: false, colour } });
      if (a.allowableC >= t) return `passes in ${colour} (${sig(t, 3)} °C)`;
    }
    const shade = ctx.partMaxIf({ sun: 'none' });
    if (a.allowableC >= shade) return `passes in the shade (${sig(shade, 3)} °C)`;
  }
  if (
    a.heatInput.stressMPa > 0.05 &&
    a.softeningC - (a.heatInput.sustainedHours > 1000 ? a.heatInput.creepAllowanceK : 0) >=
      ctx.conditions.partMaxC
  )
    return 'passes unloaded: carry the load on a thicker section or another part';
  return `keep the part under ${sig(a.allowableC, 3)} °C`;
}

/** The load with the least reserve, or null. */
export function worstReserve(a: Assessment): LoadAssessment | null {
  return a.loads
    .filter(l => l.reserve !== null)
    .reduce<LoadAssessment | null>(
      (w, l) => (w === null || (l.reserve ?? 0) < (w.reserve ?? 0) ? l : w),
      null,
    );
}

/** Strength: allowable stress (or snap strain) against the stress times the required factor of safety. */
export function strengthGate(ctx: Context, a: Assessment): Gate | null {
  const w = worstReserve(a);
  if (!w || w.reserve === null) return null;
  const verdict: Verdict = w.reserve < 1 ? 'fail' : w.reserve < 1.25 ? 'marginal' : 'pass';
  const load = `load ${w.load.index + 1}`;
  if (w.load.strainPct !== null && w.allowableStrainPct !== null) {
    const longer = Math.sqrt(1 / w.reserve);
    return {
      id: 'strength',
      verdict,
      need: w.load.strainPct,
      have: w.allowableStrainPct,
      unit: '% strain',
      why: `${cap(load)} strains the finger ${sig(w.load.strainPct, 2)} %; ${a.family.name} takes ${sig(w.allowableStrainPct, 2)} %.`,
      rescue:
        verdict === 'fail'
          ? `passes with the finger ${sig(longer, 3)} times longer, or ${sig(w.reserve, 2)} of its thickness`
          : null,
      ...(w.load.working ? { working: w.load.working } : {}),
    };
  }
  const need = (w.load.stressMPa ?? 0) * ctx.safety;
  // Where buckling, not crushing, sets the reserve, the allowable is what that reserve amounts to.
  const have = need > 0 ? Math.min(w.allowableMPa ?? 0, need * w.reserve) : (w.allowableMPa ?? 0);
  const bending = ctx.brief.loads[w.load.index];
  const height = bending?.heightMm ?? null;
  const inBending =
    w.load.deflectionTimesModulus !== null && bending?.case !== 'tension' && bending?.case !== 'compression';
  const rescue =
    verdict !== 'fail'
      ? null
      : w.load.acrossLayers && w.reserve / typical(a.family, 'zRatio') >= 1
        ? 'passes if printed so that the load runs along the layers'
        : inBending && height
          ? `passes with that section ${sig(height / Math.sqrt(w.reserve), 3)} mm high`
          : `passes with ${sig(1 / w.reserve, 3)} times the section`;
  return {
    id: 'strength',
    verdict,
    need,
    have,
    unit: 'MPa',
    why: `${cap(load)} asks ${sig(w.load.stressMPa ?? 0, 3)} MPa × ${ctx.safety} for safety = ${sig(need, 3)} MPa; ${a.family.name} may carry ${sig(have, 3)} MPa.`,
    rescue,
    ...(w.strength
      ? { working: { model: 'strength.allowable', inputs: strengthInput(a.family, w.strength) } }
      : {}),
  };
}

/** Creep limits: % of the span (or % strain) at the end of life. */
export const CREEP_LIMIT_PCT = { fail: 5, comfortable: 2 };

/** The sustained load that moves most over the life, or null. */
export function worstCreep(a: Assessment): LoadAssessment | null {
  return a.loads
    .filter(l => l.load.kind === 'sustained' && l.lifePct !== null)
    .reduce<LoadAssessment | null>(
      (w, l) => (w === null || (l.lifePct ?? 0) > (w.lifePct ?? 0) ? l : w),
      null,
    );
}

/** Creep deflection over the life; not asked of parts that are meant to be rubbery. */
export function creepGate(ctx: Context, a: Assessment): Gate | null {
  const w = worstCreep(a);
  if (!w || w.lifePct === null || ctx.brief.flex.want === 'rubbery') return null;
  const verdict: Verdict =
    w.lifePct > CREEP_LIMIT_PCT.fail ? 'fail' : w.lifePct > CREEP_LIMIT_PCT.comfortable ? 'marginal' : 'pass';
  const unit = w.load.spanMm ? '% of the span' : '% strain';
  const height = ctx.brief.loads[w.load.index]?.heightMm;
  const f = a.family;
  return {
    id: 'creep',
    verdict,
    need: CREEP_LIMIT_PCT.fail,
    have: w.lifePct,
    unit,
    why: `Held for ${sig(w.load.hours, 3)} h it moves ${sig(w.lifePct, 2)} ${unit} (${sig(w.nowPct ?? 0, 2)} at once); ${CREEP_LIMIT_PCT.fail} is too much.`,
    rescue:
      verdict === 'fail' && height && w.load.spanMm
        ? `passes with that section ${sig(height * Math.cbrt(w.lifePct / CREEP_LIMIT_PCT.fail), 3)} mm high`
        : verdict === 'fail'
          ? `passes with ${sig(w.lifePct / CREEP_LIMIT_PCT.fail, 3)} times the section`
          : null,
    working: {
      model: 'creep.strain',
      inputs: {
        stressMPa: w.load.stressMPa ?? 0,
        modulusMPa: typical(f, 'modulusMPa'),
        a: typical(f, 'creepA'),
        n: typical(f, 'creepN'),
        k: typical(f, 'creepKPerK'),
        temperatureC: w.creepC ?? 23,
        hours: w.load.hours,
      },
    },
  };
}

/** Impact: notched Charpy at the coldest against the severity of the worst knock times safety. */
export function impactGate(ctx: Context, a: Assessment): Gate | null {
  const w = a.loads
    .filter(l => l.impactReserve !== null)
    .reduce<LoadAssessment | null>(
      (m, l) => (m === null || (l.impactReserve ?? 0) < (m.impactReserve ?? 0) ? l : m),
      null,
    );
  if (!w || w.impactReserve === null) return null;
  const need = (w.load.severityKJm2 ?? 0) * ctx.safety;
  const verdict: Verdict = w.impactReserve < 1 ? 'fail' : w.impactReserve < 1.5 ? 'marginal' : 'pass';
  return {
    id: 'impact',
    verdict,
    need,
    have: a.charpyColdKJm2,
    unit: 'kJ/m²',
    why: `The knock is ${sig(w.load.severityKJm2 ?? 0, 2)} kJ/m² × ${ctx.safety} for safety; ${a.family.name} takes ${sig(a.charpyColdKJm2, 2)} kJ/m² at ${sig(ctx.conditions.partMinC, 2)} °C.`,
    rescue:
      verdict === 'fail'
        ? `passes with ${sig(1 / w.impactReserve, 2)} times the weak section, or a rounded notch`
        : null,
    ...(w.load.working ? { working: w.load.working } : {}),
  };
}

/** Ultraviolet life: fails under half of the wanted life, marginal under all of it. */
export function uvGate(ctx: Context, a: Assessment): Gate | null {
  const { brief, conditions } = ctx;
  if (conditions.doseAYearMJm2 <= 0) return null;
  const ratio = a.yearsToHalf / brief.lifeYears;
  const verdict: Verdict = ratio < 0.5 ? 'fail' : ratio < 1 ? 'marginal' : 'pass';
  const colour: Colour = brief.looks.clear ? 'clear' : brief.looks.colour;
  const inBlack = (a.yearsToHalf / uvColourFactor[colour]) * uvColourFactor.black;
  return {
    id: 'uv',
    verdict,
    need: brief.lifeYears,
    have: a.yearsToHalf,
    unit: 'years to half',
    why: `Its surface is down to half its toughness after ${sig(a.yearsToHalf, 2)} years of this sun (${brief.outdoorSchool} data); ${sig(brief.lifeYears, 2)} are wanted.`,
    rescue:
      verdict === 'pass'
        ? null
        : colour !== 'black' && inBlack >= brief.lifeYears
          ? `passes in black (${sig(inBlack, 2)} years), where heat allows`
          : 'passes with an ultraviolet-proof paint, kept up',
    working: {
      model: 'uv.retained',
      inputs: {
        doseMJm2: conditions.uvDoseMJm2,
        halfDoseMJm2: a.halfDoseMJm2,
        colour,
        wallMm: brief.geometry.wallMm,
        doseAYearMJm2: conditions.doseAYearMJm2,
      },
    },
  };
}

/** Saturated uptake over which a part that gets wet fails, and under which it is at ease, %. */
export const waterLimits = {
  humid: { fail: 12, comfortable: 6 },
  rain: { fail: 10, comfortable: 5 },
  immersed: { fail: 6, comfortable: 2 },
};

/** Water: what it takes up, and whether it dissolves. */
export function waterGate(ctx: Context, a: Assessment): Gate | null {
  const { water } = ctx.brief;
  if (water === 'dry') return null;
  const f = a.family;
  const { fail: limit, comfortable } = waterLimits[water];
  const uptake = typical(f, 'waterUptakePct');
  const verdict: Verdict =
    f.flags.soluble || uptake > limit ? 'fail' : uptake > comfortable ? 'marginal' : 'pass';
  return {
    id: 'water',
    verdict,
    need: limit,
    have: uptake,
    unit: '% taken up',
    why: f.flags.soluble
      ? `${f.name} dissolves in water.`
      : `Saturated it holds ${sig(uptake, 2)} % water and keeps ${sig(100 * typical(f, 'wetFactor'), 2)} % of its strength.`,
    rescue:
      verdict === 'marginal' ? 'allow for swelling of about a quarter of the uptake, as a length' : null,
  };
}

/** Modulus under which a part is not rigid, and over which it surely is (semi-rigid lies below 700 MPa in ASTM D883). */
export const RIGID_MPA = { fail: 400, comfortable: 700 };
/** Modulus under which the leaves beside a hinge are floppy too. */
export const FLOPPY_MPA = 500;

/** Flexibility: rigid, springy, hinge or rubbery, each by the number that decides it. */
export function flexGate(ctx: Context, a: Assessment): Gate | null {
  const { want } = ctx.brief.flex;
  const f = a.family;
  if (want === 'rigid') {
    const have = typical(f, 'modulusMPa');
    const verdict: Verdict =
      have < RIGID_MPA.fail ? 'fail' : have < RIGID_MPA.comfortable ? 'marginal' : 'pass';
    return {
      id: 'flex',
      verdict,
      need: RIGID_MPA.fail,
      have,
      unit: 'MPa modulus',
      why:
        have < RIGID_MPA.fail
          ? `${f.name} is rubbery; the part must be rigid.`
          : `Stiff enough to be called rigid.`,
      rescue: verdict === 'fail' ? 'none in this family: the part must be allowed to bend' : null,
    };
  }
  if (want === 'springy') {
    const have = typical(f, 'strainRepeatedPct');
    const soft = typical(f, 'modulusMPa') < FLOPPY_MPA;
    const verdict: Verdict = soft || have < 1 ? 'fail' : have < 1.8 ? 'marginal' : 'pass';
    return {
      id: 'flex',
      verdict,
      need: 1,
      have,
      unit: '% repeated strain',
      why: soft
        ? `${f.name} is too soft to spring back with force.`
        : `Takes ${sig(have, 2)} % strain again and again.`,
      rescue:
        verdict === 'fail' && !soft ? 'make the spring longer and thinner, so that it strains less' : null,
    };
  }
  if (want === 'hinge') {
    const { hinge } = f.flags;
    const floppy = typical(f, 'modulusMPa') < FLOPPY_MPA;
    const verdict: Verdict = hinge === 'no' ? 'fail' : hinge === 'short' || floppy ? 'marginal' : 'pass';
    return {
      id: 'flex',
      verdict,
      need: 'lasting',
      have: hinge,
      unit: 'living hinge',
      why:
        hinge === 'no'
          ? `A thin web of ${f.name} breaks after a few folds.`
          : hinge === 'short'
            ? `A web of ${f.name} lasts some thousands of folds.`
            : floppy
              ? `${f.name} folds for ever, but the leaves beside the hinge are floppy too.`
              : `A thin web of ${f.name} folds for ever.`,
      rescue: verdict === 'fail' ? 'a hinge with a pin' : null,
    };
  }
  const [low, high] = ctx.brief.flex.shoreA ?? [75, 98];
  const range = f.properties.shoreA;
  const have = typicalOrNull(f, 'shoreA');
  if (!range || have === null)
    return {
      id: 'flex',
      verdict: 'fail',
      need: `${low}–${high}`,
      have: 'harder than the scale',
      unit: 'Shore A',
      why: `${f.name} is rigid; the part must be rubbery.`,
      rescue: null,
    };
  const inside = have >= low && have <= high;
  const touching = range.high >= low && range.low <= high;
  const verdict: Verdict = inside ? 'pass' : touching ? 'marginal' : 'fail';
  return {
    id: 'flex',
    verdict,
    need: `${low}–${high}`,
    have,
    unit: 'Shore A',
    why: inside
      ? `${sig(have, 2)} A lies in the wanted ${low}–${high}.`
      : `${sig(have, 2)} A lies ${have < low ? 'below' : 'above'} the wanted ${low}–${high}.`,
    rescue: inside
      ? null
      : have > high
        ? 'less infill softens it, within reason'
        : 'more infill and walls harden it, within reason',
    working: { model: 'flex.modulus', inputs: { scale: 'A', hardness: Math.min(99, have) } },
  };
}

function cap(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
