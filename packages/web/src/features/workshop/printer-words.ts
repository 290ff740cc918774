import {
  chambers,
  drives,
  feederGears,
  filamentPaths,
  levellings,
  nozzleMetals,
  ventilations,
  type Printer,
} from '@hornblende/core/formats';
import { adhesiveNames, adhesives, plateNames, plates } from '@hornblende/core/materials';
import { driveInWords, plateList } from '@hornblende/core/records';

const driveWords: Record<Printer['drive'], string> = { direct: 'direct', bowden: 'remote, through a tube' };
const pathWords: Record<Printer['path'], string> = {
  open: 'open',
  guided: 'guided closely',
};
const gearWords: Record<Printer['gears'], string> = {
  'one-side': 'on one side',
  'both-sides': 'on both sides',
};
const levellingWords: Record<Printer['levelling'], string> = {
  'by-itself': 'by itself',
  'by-hand': 'by hand',
};
const ventilationWords: Record<Printer['ventilation'], string> = {
  none: 'not ventilated',
  room: 'a ventilated room',
  extracted: 'extracted',
};

/** What can be chosen of a printer, in words. */
export const printerChoices = {
  nozzleMetal: nozzleMetals.map(value => ({ value, label: value })),
  chamber: chambers.map(value => ({ value, label: value })),
  drive: drives.map(value => ({ value, label: driveWords[value] })),
  path: filamentPaths.map(value => ({ value, label: pathWords[value] })),
  gears: feederGears.map(value => ({ value, label: gearWords[value] })),
  levelling: levellings.map(value => ({ value, label: levellingWords[value] })),
  ventilation: ventilations.map(value => ({ value, label: ventilationWords[value] })),
  plates: plates.map(value => ({ value, label: plateNames[value] })),
  adhesives: adhesives.map(value => ({ value, label: adhesiveNames[value] })),
};

/** Shows a stored value with its unit. */
type Show = (value: number, measure: 'temperature' | 'length', digits?: number) => string;

/** What a printer has beyond the usual, where it has. */
function besides(p: Printer, show: Show): string[] {
  return [
    p.spoolsAtOnce > 1 ? `feeds ${p.spoolsAtOnce} spools by turns` : '',
    p.feedDryerC === null ? '' : `fed from a dry box at ${show(p.feedDryerC, 'temperature')}`,
    p.magnetsKPa === null ? '' : 'its plate is held by magnets',
    p.levelling === 'by-hand' ? 'levelled by hand' : '',
  ].filter(Boolean);
}

/** How prints went on each plate of a printer, in a sentence; empty where none is noted. */
export function platesSentence({ record }: Pick<Printer, 'record'>): string {
  const on = (record?.plates ?? []).map(({ plate, ownPlate, well, failed }) => {
    const prints = well + failed === 1 ? '1 print' : `${well + failed} prints`;
    return `${ownPlate ?? plateNames[plate]} ${prints}, ${failed ? `${failed} of them failed` : 'all well'}`;
  });
  return on.length ? `On its plates: ${on.join('; ')}.` : '';
}

/** A printer in one sentence. */
export function printerSentence(p: Printer, show: Show): string {
  const liner = p.linerLimitC === null ? 'all-metal' : `lined, safe to ${show(p.linerLimitC, 'temperature')}`;
  const dryer = p.dryerMaxC === null ? 'no dryer' : `dryer to ${show(p.dryerMaxC, 'temperature')}`;
  const on = plateList(p) || 'no plate';
  const held = p.adhesives.map(x => adhesiveNames[x]).join(', ');
  return [
    `Nozzle of ${p.nozzleMm} mm, to ${show(p.nozzleMaxC, 'temperature')}, ${p.nozzleMetal}, ${liner}`,
    `bed to ${show(p.bedMaxC, 'temperature')}`,
    `${p.chamber}, ${show(p.chamberC, 'temperature')} around the print`,
    driveInWords(p),
    dryer,
    p.buildMm.map(v => show(v, 'length', 1)).join(' × '),
    held ? `${on} with ${held}` : on,
    `air: ${ventilationWords[p.ventilation]}`,
    ...besides(p, show),
  ].join('; ');
}
