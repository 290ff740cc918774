import type { StoredTrial } from '@hornblende/core/api';
import { parseTrial, Trial } from '@hornblende/core/formats';
import type { Problem } from '@hornblende/core/input';
import { readingRange } from '@hornblende/core/trials';
import type { Knex } from 'knex';
import { DocumentEnvelope } from '../../lib/envelopes.js';
import { within } from '../../lib/split.js';
import type { DocumentKind, RevisionedRow } from '../document-kind.js';
import { kept, parsed, titled } from './fields.js';
import { forgetInLists, type NamedInList } from './forget-in-lists.js';

/** A trial's row. */
export interface TrialRow extends RevisionedRow {
  id: string;
  part_id: string | null;
  name: string;
  data: string;
  created_at: string;
}

/** Trials: what was printed in several filaments, the newest first. */
export const trials: DocumentKind<Trial, StoredTrial, TrialRow> = {
  name: 'trials',
  one: 'trial',
  table: 'trials',
  key: ['id'],
  json: ['data'],
  references: [
    { column: 'part_id', field: 'partId', to: 'parts', gone: 'forgotten' },
    {
      each: "json_each(x.data, '$.entrants')",
      // What comes from elsewhere is no filament: its name is its own.
      value: "case when e.value ->> 'foreign' is null then e.value ->> 'material' end",
      field: '.material',
      to: 'grades',
      gone: 'keeps the name',
      needed: true,
    },
    {
      each: "json_each(x.data, '$.entrants')",
      value: "e.value ->> 'spoolId'",
      field: '.spoolId',
      to: 'spools',
      gone: 'forgotten',
      needed: false,
    },
    {
      each: "json_tree(x.data, '$.entrants')",
      value: "case when e.key = 'sha256' then e.atom end",
      field: '',
      to: 'photos',
      gone: 'holds it',
      needed: true,
    },
  ],
  writtenAt: ['updated_at'],
  revisioned: true,
  title: titled('name'),
  check: row => void parseTrial(parsed(row, 'data')),
  path: '/trials',
  plain: true,
  body: {
    name: 'trial',
    Envelope: DocumentEnvelope,
    fields: Trial,
    read: plain => within('trial', () => parseTrial(plain)),
  },
  dated: true,
  order: { columns: ['created_at', 'id'], direction: 'desc' },
  searched: ['name'],
  read: row => ({
    id: row.id,
    trial: { ...kept(Trial, row.data), partId: row.part_id },
    revision: row.revision,
    updatedAt: row.updated_at,
  }),
  problems: (_t, trial, before) => Promise.resolve(readingProblems(trial, before)),
  columns: trial => ({ part_id: trial.partId, name: trial.name, data: JSON.stringify(trial) }),
};

/** What cannot have been read; what stood there before stays as it is. */
function readingProblems(trial: Trial, before: TrialRow | null): Problem[] {
  const known = new Set(
    (before ? kept(Trial, before.data).entrants : []).flatMap(e =>
      e.readings.map(r => `${e.material} ${r.criterion} ${r.at} ${r.value}`),
    ),
  );
  return trial.entrants.flatMap((e, i) =>
    e.readings.flatMap(({ criterion, at, value }, j) => {
      const asked = trial.criteria.find(c => c.id === criterion);
      if (!asked || known.has(`${e.material} ${criterion} ${at} ${value}`)) return [];
      const { min, max } = readingRange(asked);
      if (value >= min && value <= max) return [];
      const message = `must be from ${min} to ${max}${asked.unit ? ` ${asked.unit}` : ''}`;
      return [{ field: `trial.entrants[${i}].readings[${j}].value`, value, message }];
    }),
  );
}

/** Forgets a spool that is gone from the shelf, wherever a filament of a trial came off it. */
export function forgetSpool(t: Knex.Transaction, spoolId: string): Promise<void> {
  const named: NamedInList<Trial> = {
    ...{ kind: trials, list: 'entrants', field: 'spoolId', parse: parseTrial },
    without: (trial, gone) => ({
      ...trial,
      entrants: trial.entrants.map(e => (e.spoolId === gone ? { ...e, spoolId: null } : e)),
    }),
  };
  return forgetInLists(t, named, spoolId);
}
