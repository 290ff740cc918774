import { identity } from './grade-cells.js';
import { columnUnit } from './grade-number.js';
import { windowNames } from './grade.js';
import { propertyDefinition, propertyNames } from './property.js';
import { windowWords } from './window-words.js';

/** A column of a table that means something here. */
export interface KnownColumn {
  name: string;
  label: string;
  unit: string;
  /** Whether a table must have it. */
  needed: boolean;
}

/** Every column that is known, but for own measurements, which are called like the property after "measured.". */
export function knownColumns(): KnownColumn[] {
  const told = (name: string, label: string): KnownColumn => ({
    name,
    label,
    unit: (identity as readonly string[]).includes(name) ? '' : columnUnit(name).unit,
    needed: name === 'name' || name === 'family',
  });
  return [
    ...identity.map(n => told(n, identityLabels[n])),
    ...windowNames.map(n => told(n, `${windowWords[n].label}, low..high`)),
    ...propertyNames.map(n => told(n, propertyDefinition(n).label)),
  ];
}

const identityLabels: Record<(typeof identity)[number], string> = {
  key: 'a short name of its own; made from maker and name where it is missing',
  name: 'the name on the spool',
  maker: 'who makes it',
  family: 'the family it belongs to',
  note: 'anything worth keeping',
  archived: 'true where it is put away',
};
