import { timesIn100 } from '../../lib/chance-words.js';
import { sig } from '../../lib/figures.js';
import { typical, typicalOrNull } from '../../materials/family.js';
import type { Printer } from '../../workshop/printer.js';
import { FED_DRY_C } from '../difficulty.js';
import type { RecipeRule } from './recipe-line.js';

/** Where filament that drinks is fed from while it prints. */
function fedFrom(printer: Printer | null, limitC: number): string {
  const boxC = printer?.feedDryerC ?? null;
  return boxC === null || boxC < FED_DRY_C
    ? 'print it from a dry box'
    : `print it from its box at ${sig(Math.min(boxC, limitC), 3)} °C`;
}

/** Dry it first: by the spool's own ledger where there is one, else by what the family drinks. */
export const dryingRule: RecipeRule = ({ brief, family: f, printer, moisture }) => {
  const line = { id: 'drying', group: 'ready' as const, label: 'Drying' };
  if (moisture) {
    const { waterPct, limitPct, advice } = moisture;
    const why = `By its ledger it holds ${sig(waterPct, 2)} % water; it prints well under ${sig(limitPct, 2)} %.`;
    return { ...line, value: advice, why };
  }
  if (f.flags.moisture === 'low')
    return { ...line, value: 'not needed', why: 'It takes up next to no water.' };
  const limitC = typical(f, 'spoolLimitC');
  const wantedC = Math.min(typicalOrNull(f, 'dryC') ?? limitC, limitC);
  const hours = typicalOrNull(f, 'dryHours') ?? 6;
  const least = f.properties.dryC?.low ?? wantedC;
  const reach = printer ? warmest(printer) : wantedC;
  const fed = fedFrom(printer, limitC);
  const why =
    `It takes up ${sig(typical(f, 'waterUptakePct'), 2)} % of water at most; damp it ` +
    `${f.flags.moisture === 'high' ? 'bubbles, prints rough and holds together badly' : 'strings'}. ` +
    `Never over ${sig(limitC, 3)} °C: the spool softens.`;
  const oven = (atC: number): string => `${sig(hours, 2)} h at ${sig(atC, 3)} °C`;
  if (brief.print.aids.includes('dried'))
    return {
      ...line,
      value: `${oven(wantedC)} just before, as ticked, and ${fed}`,
      why,
      set: wantedC,
      unit: '°C',
    };
  if (reach === null || reach < least)
    return {
      ...line,
      value: 'fresh from its sealed bag',
      why: `${why} There is no dryer here that reaches ${sig(least, 3)} °C.`,
    };
  const setC = Math.min(wantedC, reach);
  const drinks = f.flags.moisture === 'high';
  return {
    ...line,
    value: drinks ? `${oven(setC)}, and ${fed}` : `if it stood open: ${oven(setC)}`,
    why,
    set: setC,
    unit: '°C',
  };
};

/** The warmest that filament is dried at here, °C; null where nothing dries it. */
function warmest({ dryerMaxC, feedDryerC }: Printer): number | null {
  return dryerMaxC === null && feedDryerC === null
    ? null
    : Math.max(dryerMaxC ?? -Infinity, feedDryerC ?? -Infinity);
}

/** What a nozzle must be made of. */
export const nozzleMetalRule: RecipeRule = ({ family: f, printer }) =>
  f.flags.abrasive
    ? {
        id: 'nozzle-metal',
        group: 'ready',
        label: 'Nozzle',
        value: printer?.nozzleMetal === 'hardened' ? 'hardened, as fitted' : 'fit a hardened one',
        why: 'What is in it grinds brass away within a spool.',
      }
    : null;

/** Minutes of preheating for each kind of air: the frame of a printer takes that long to follow. */
const PREHEAT_MIN = { enclosed: 20, heated: 40 };
/** What is ticked as preheating takes at least, minutes. */
const TICKED_PREHEAT_MIN = 30;
/** Air warmer than this softens a filament before it reaches the nozzle, where its window ends lower, °C. */
const WARM_AIR_C = 40;

/** The air around the print, and how long before. */
export const airRule: RecipeRule = ({ brief, family: f, printer, warp }) => {
  const { low, high } = f.windows.chamberC;
  const line = { id: 'air', group: 'ready' as const, label: 'Air around it', low, high, unit: '°C' };
  const closed = printer !== null && printer.chamber !== 'open';
  if (high <= WARM_AIR_C)
    return {
      ...line,
      value: closed ? 'door and lid open' : 'open, without a draught',
      why: `Over ${sig(high, 3)} °C it softens on its way to the nozzle, and corners lose their shape.`,
    };
  if (low <= 25)
    return {
      ...line,
      value: closed ? 'door closed or open, without a draught' : 'a room without a draught',
      why: 'It needs no warm air; closed, it bows a little less and strings a little more.',
    };
  if (!closed)
    return {
      ...line,
      value: `wants ${sig(low, 3)} °C: cover it, and keep draughts off`,
      why: `In open air this part lifts ${timesIn100(warp.pLift)}.`,
    };
  const usual = PREHEAT_MIN[printer.chamber === 'heated' ? 'heated' : 'enclosed'];
  const minutes = brief.print.aids.includes('preheat') ? Math.max(usual, TICKED_PREHEAT_MIN) : usual;
  // The same air as lifting was worked out in.
  const setC = warp.bowInput.chamberC;
  return {
    ...line,
    value: `closed, bed on for ${minutes} min before, until ${sig(setC, 3)} °C`,
    why: `Warm, still air from ${sig(low, 3)} °C on keeps layers from pulling on each other while they set.`,
    set: setC,
  };
};
