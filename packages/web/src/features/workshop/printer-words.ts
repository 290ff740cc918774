import { chambers, drives, nozzleMetals, ventilations, type Printer } from '@hornblende/core/formats';
import { adhesiveNames, adhesives, plateNames, plates } from '@hornblende/core/materials';
import { plateList } from '@hornblende/core/records';

const driveWords: Record<Printer['drive'], string> = { direct: 'direct', bowden: 'remote, through a tube' };
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
  ventilation: ventilations.map(value => ({ value, label: ventilationWords[value] })),
  plates: plates.map(value => ({ value, label: plateNames[value] })),
  adhesives: adhesives.map(value => ({ value, label: adhesiveNames[value] })),
};

/** Shows a stored value with its unit. */
type Show = (value: number, measure: 'temperature' | 'length', digits?: number) => string;

/** A printer in one sentence. */
export function printerSentence(p: Printer, show: Show): string {
  const liner = p.linerLimitC === null ? 'all-metal' : `lined, safe to ${show(p.linerLimitC, 'temperature')}`;
  const dryer = p.dryerMaxC === null ? 'no dryer' : `dryer to ${show(p.dryerMaxC, 'temperature')}`;
  const on = plateList(p) || 'no plate';
  const held = p.adhesives.map(x => adhesiveNames[x]).join(', ');
  return [
    `Nozzle to ${show(p.nozzleMaxC, 'temperature')}, ${p.nozzleMetal}, ${liner}`,
    `bed to ${show(p.bedMaxC, 'temperature')}`,
    `${p.chamber}, ${show(p.chamberC, 'temperature')} around the print`,
    `${p.drive === 'bowden' ? 'remote' : 'direct'} drive`,
    dryer,
    p.buildMm.map(v => show(v, 'length', 1)).join(' × '),
    held ? `${on} with ${held}` : on,
    `air: ${ventilationWords[p.ventilation]}`,
  ].join('; ');
}
