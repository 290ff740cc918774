// A workshop that has been at work for decades: rows laid straight into the database, copied from the demo's.
import Driver from 'better-sqlite3';
import { join } from 'node:path';
import { fromSource } from '../bundle.mjs';

/** How records are summed and named, as the server does it. */
const { recordKinds } = await fromSource('packages/server/src/db/kinds/index.ts');
const { summed } = await fromSource('packages/server/src/db/kind.ts');
const kindOf = new Map(recordKinds.map(kind => [kind.table, kind]));

/** How parts are found, now and then worn. */
const VERDICTS = ['fine', 'fine', 'fine', 'worn', 'fine', 'fine', 'fine'];
const DAY_MS = 86_400_000;

/**
 * Lays out many of everything.
 * @param dataDir the folder of a workshop with the demo in it, which nobody has open
 * @param amounts how many of each kind; events of a spool; none of what is not named
 * @returns the part that has the many decisions, and a part in service
 */
export function grow(
  dataDir,
  {
    parts = 0,
    decisions = 0,
    grades = 0,
    spools = 0,
    events = 0,
    placements = 0,
    looks = 0,
    trials = 0,
    drills = 0,
  },
) {
  const db = new Driver(join(dataDir, 'hornblende.db'));
  const one = (table, where = '1') => db.prepare(`select * from ${table} where ${where}`).get();
  const id = (kind, i) => `${kind}-${String(i).padStart(7, '0')}`;
  const statements = new Map();
  const copy = (table, row, changes) => {
    const all = summed(kindOf.get(table), { ...row, ...changes });
    const columns = Object.keys(all);
    if (!statements.has(table))
      statements.set(
        table,
        db.prepare(
          `insert into ${table} (${columns.join(', ')}) values (${columns.map(() => '?').join(', ')})`,
        ),
      );
    statements.get(table).run(...columns.map(c => all[c]));
  };
  const withData = (row, changes) => JSON.stringify({ ...JSON.parse(row.data), ...changes });
  const part = one('parts', "name = 'Hive-stand levelling foot'");
  const decision = one('decisions', `part_id = '${part.id}'`);
  const [grade, spool, trial] = ['grades', 'spools', 'trials'].map(t => one(t));
  const placed = db.prepare('select * from placements order by id').all();
  const look = one('inspections');
  const at = i => new Date(Date.UTC(2020, 0, 1) + i * 60_000).toISOString();
  db.transaction(() => {
    for (let i = 0; i < parts; i++)
      copy('parts', part, { id: id('part', i), name: `Part ${i}`, updated_at: at(i), created_at: at(i) });
    for (let i = 0; i < decisions; i++)
      copy('decisions', decision, {
        id: id('decision', i),
        part_id: parts && i % 3 ? id('part', i % parts) : part.id,
        decided_at: at(i),
      });
    for (let i = 0; i < grades; i++) {
      const changes = { key: id('grade', i), name: `Grade ${i}` };
      copy('grades', grade, { ...changes, data: withData(grade, changes) });
    }
    const ledger = Array.from({ length: events }, (_, i) => ({
      kind: ['opened', 'printed', 'boxed', 'weighed'][i % 4],
      at: at(i * 600),
      dryingC: null,
      hours: null,
      grams: i % 4 === 1 ? 1 : i % 4 === 3 ? 900 - i : null,
      note: '',
    }));
    for (let i = 0; i < spools; i++)
      copy('spools', spool, {
        id: id('spool', i),
        created_at: at(i),
        data: withData(spool, { code: `T-${i}`, events: ledger }),
      });
    for (let i = 0; i < placements; i++) {
      const like = placed[i % placed.length];
      const name = `${like.name} ${i}`;
      const code = `X${i.toString(36).toUpperCase()}`;
      copy('placements', like, { id: id('placed', i), name, code, data: withData(like, { name, code }) });
    }
    for (let i = 0; i < looks; i++) {
      const n = i % placements;
      const since = Date.parse(JSON.parse(placed[n % placed.length].data).since);
      const days = 20 + Math.floor(i / placements) * 60 + (n % 17);
      const fails = Math.floor(i / placements) >= 3 && n % 11 === 0;
      const verdict = fails ? 'failed' : VERDICTS[(i * 3 + n) % VERDICTS.length];
      const said = {
        id: id('look', i),
        placementId: id('placed', n),
        at: new Date(Math.min(since + days * DAY_MS, Date.now() - DAY_MS)).toISOString(),
        verdict,
        mode: verdict === 'failed' ? 'cracked' : null,
        struck: false,
      };
      const { id: key, placementId, ...columns } = said;
      copy('inspections', look, {
        ...columns,
        id: key,
        placement_id: placementId,
        struck: 0,
        data: withData(look, { ...said, photos: [] }),
      });
    }
    for (let i = 0; i < trials; i++)
      copy('trials', trial, {
        id: id('trial', i),
        name: `Trial ${i}`,
        data: withData(trial, { name: `Trial ${i}` }),
      });
    for (let i = 0; i < drills; i++) {
      const answer = { id: id('drill', i), kind: 'dry-it', at: at(i), who: '' };
      const said = { format: 'hornblende-drill-answer', version: 1, seed: i, sure: 0.6, right: i % 3 > 0 };
      copy('drill_answers', answer, { data: JSON.stringify({ ...said, ...answer }) });
    }
  })();
  db.close();
  return { part: part.id, placed: placements ? id('placed', 0) : placed[0].id };
}
