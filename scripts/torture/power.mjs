// Power: it goes while a workshop is written to. Between two writes that were acknowledged, the disk is left as it may
// stand then: with any of the sectors that were not yet told to be kept, in any order. Whatever it is left as opens as
// the workshop stood before the write or after it, whole.
import Driver from 'better-sqlite3';
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { seeded } from '../seeded.mjs';
import { changed, rowsOf } from './rows.mjs';
import { Victim } from './server.mjs';

const WRITES = 160;
/** States of the disk that are tried for each write, of each kind. */
const CUTS = 6;
const FILE = 'hornblende.db';
/** What a disk writes at once or not at all, bytes. */
const SECTOR = 512;

/** Both files of a database as they stand, once nothing moves any more. */
async function standing(dataDir) {
  const read = name =>
    existsSync(join(dataDir, name)) ? readFileSync(join(dataDir, name)) : Buffer.alloc(0);
  for (;;) {
    const now = { db: read(FILE), wal: read(`${FILE}-wal`) };
    await new Promise(ok => setTimeout(ok, 2));
    if (now.wal.equals(read(`${FILE}-wal`)) && now.db.equals(read(FILE))) return now;
  }
}

/** The sectors in which one state of a file differs from the next, by their places. */
function sectorsWritten(before, after) {
  const written = [];
  for (let at = 0; at < after.length; at += SECTOR) {
    const now = after.subarray(at, at + SECTOR);
    if (!now.equals(before.subarray(at, at + SECTOR))) written.push(at);
  }
  return written;
}

/** A file of which only some sectors have been written; what was never written reads as nothing. */
function withSectors(before, after, sectors) {
  const end = Math.max(before.length, ...sectors.map(at => Math.min(at + SECTOR, after.length)));
  const bytes = Buffer.alloc(end);
  before.copy(bytes);
  for (const at of sectors) after.copy(bytes, at, at, Math.min(at + SECTOR, after.length));
  return bytes;
}

/** Some sectors of a write: those up to a place, or any. */
function some(sectors, random) {
  if (random() < 0.5) return sectors.slice(0, Math.floor(random() * (sectors.length + 1)));
  const share = random();
  return sectors.filter(() => random() < share);
}

/**
 * How the disk may stand between two writes. The log is told to be kept before a write is acknowledged, and before
 * anything of it goes over into the file itself.
 */
function statesBetween(before, after, cuts, random) {
  const log = sectorsWritten(before.wal, after.wal);
  const file = sectorsWritten(before.db, after.db);
  const states = [];
  for (let i = 0; i < cuts; i++)
    states.push({ db: before.db, wal: withSectors(before.wal, after.wal, some(log, random)) });
  if (file.length)
    for (let i = 0; i < cuts; i++)
      states.push({ db: withSectors(before.db, after.db, some(file, random)), wal: after.wal, done: true });
  return states;
}

/** What is wrong with a database as SQLite opens it; null where nothing is. */
function damageOf(file) {
  const db = new Driver(file);
  try {
    const found = db.pragma('integrity_check(3)', { simple: true });
    return found === 'ok' ? null : found;
  } catch (e) {
    return e.message;
  } finally {
    db.close();
  }
}

/** Writes to a workshop: new parts, changes to them, and grades. */
async function written(call, n, kept) {
  const brief = name => ({ format: 'hornblende-brief', version: 1, name });
  const last = kept.at(-1);
  if (n % 3 === 1 && last) {
    const { id, revision } = last;
    last.revision = (await call('PUT', `/parts/${id}`, { brief: brief(`Changed ${n}`), revision })).revision;
  } else if (n % 3 === 2) {
    const grade = {
      format: 'hornblende-grade',
      version: 1,
      key: `grade-${n}`,
      name: `Grade ${n}`,
      family: 'pla',
    };
    await call('POST', '/grades', { grade });
  } else kept.push(await call('POST', '/parts', { brief: brief(`Part ${n}`) }));
}

/**
 * Cuts the power of a workshop that is served and written to.
 * @param call asks the server, and gives what it answered with; throws for a refusal
 * @returns how many states of the disk were opened, how often the log had gone over into the file, and what broke
 */
export async function powerCuts(call, dataDir, { writes, cuts, random }) {
  const dir = mkdtempSync(join(tmpdir(), 'hornblende-power-'));
  const file = join(dir, FILE);
  const lay = ({ db, wal }) => {
    rmSync(`${file}-shm`, { force: true });
    writeFileSync(file, db);
    writeFileSync(`${file}-wal`, wal);
  };
  const told = state => {
    lay(state);
    const damage = damageOf(file);
    return { damage, rows: damage === null ? rowsOf(file) : null };
  };
  const broke = [];
  const kept = [];
  let states = 0;
  let goneOver = 0;
  let before = await standing(dataDir);
  let rowsBefore = told(before).rows;
  for (let n = 0; n < writes; n++) {
    await written(call, n, kept);
    const after = await standing(dataDir);
    const rowsAfter = told(after).rows;
    if (changed(rowsBefore, rowsAfter) === null) broke.push(`write ${n}: acknowledged, and not on the disk`);
    for (const state of statesBetween(before, after, cuts, random)) {
      states++;
      if (state.done) goneOver++;
      const { damage, rows } = told(state);
      if (damage !== null) broke.push(`write ${n}: ${damage}`);
      else if (changed(rowsAfter, rows) !== null && (state.done || changed(rowsBefore, rows) !== null))
        broke.push(`write ${n}: neither as before nor as after it, by ${changed(rowsBefore, rows)}`);
    }
    before = after;
    rowsBefore = rowsAfter;
  }
  rmSync(dir, { recursive: true, force: true });
  return { states, goneOver, broke };
}

export async function power(seed) {
  const victim = new Victim();
  await victim.start();
  const call = async (method, path, body) => {
    const { status, data } = await victim.call(method, path, body);
    if (status >= 300) throw new Error(`${method} ${path} answers ${status}`);
    return data;
  };
  const found = await powerCuts(call, victim.dataDir, { writes: WRITES, cuts: CUTS, random: seeded(seed) });
  const { states, goneOver, broke } = found;
  for (const line of broke.slice(0, 20)) console.log(`  ${line}`);
  console.log(
    `power: cut ${states} times in ${WRITES} writes, ${goneOver} of them while the log went over; ` +
      `${broke.length} broke`,
  );
  await victim.stop();
  victim.dispose();
  return broke.length;
}
