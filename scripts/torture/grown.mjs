// A workshop that has been at work for decades: rows laid straight into the database, copied from the demo's.
import Driver from 'better-sqlite3';
import { join } from 'node:path';

/**
 * Lays out many of everything.
 * @param file the database of a workshop with the demo in it, which nobody has open
 * @returns the part that has the many decisions
 */
export function grow(dataDir, { parts, decisions, grades, spools, events }) {
  const db = new Driver(join(dataDir, 'hornblende.db'));
  const id = (kind, i) => `${kind}-${String(i).padStart(7, '0')}`;
  const copy = (table, row, changes) => {
    const all = { ...row, ...changes };
    const columns = Object.keys(all);
    return db
      .prepare(`insert into ${table} (${columns.join(', ')}) values (${columns.map(() => '?').join(', ')})`)
      .run(...Object.values(all));
  };
  const part = db.prepare("select * from parts where name = 'Hive-stand levelling foot'").get();
  const decision = db.prepare('select * from decisions where part_id = ?').get(part.id);
  const grade = db.prepare('select * from grades').get();
  const spool = db.prepare('select * from spools').get();
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
      const data = { ...JSON.parse(grade.data), key: id('grade', i), name: `Grade ${i}` };
      copy('grades', grade, { key: data.key, name: data.name, data: JSON.stringify(data) });
    }
    const ledger = Array.from({ length: events }, (_, i) => ({
      kind: ['opened', 'printed', 'boxed', 'weighed'][i % 4],
      at: at(i * 600),
      dryingC: null,
      hours: null,
      grams: i % 4 === 1 ? 1 : i % 4 === 3 ? 900 - i : null,
      note: '',
    }));
    for (let i = 0; i < spools; i++) {
      const data = { ...JSON.parse(spool.data), code: `T-${i}`, events: ledger };
      copy('spools', spool, { id: id('spool', i), created_at: at(i), data: JSON.stringify(data) });
    }
  })();
  db.close();
  return part.id;
}
