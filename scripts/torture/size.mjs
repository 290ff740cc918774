// Size: a workshop a hundred times the demo's. Every list, what parts in service tell after a change, and keeping it
// all, each beside a pinger of /api/health.
import { readFileSync } from 'node:fs';
import { grow } from './grown.mjs';
import { Victim } from './server.mjs';
import { besidePinger } from './silence.mjs';

const AMOUNTS = {
  parts: 10_000,
  decisions: 100_000,
  grades: 10_000,
  spools: 10_000,
  events: 4,
  placements: 20_000,
  looks: 100_000,
  trials: 2_000,
  drills: 20_000,
};
/** What is allowed on a quiet machine, ms, and of memory, MB. */
const WANTED = {
  list: 100,
  cold: 300,
  evidence: 1000,
  backup: 15_000,
  archive: 60_000,
  verify: 15_000,
  memory: 500,
};
/** A page's time is the middle one of so many. */
const RUNS = 9;

/** Ill-treats nothing: measures. @returns how many figures are worse than wanted */
export async function size() {
  const victim = new Victim();
  await victim.start({ demo: true });
  await victim.stop();
  const { part, placed } = grow(victim.dataDir, AMOUNTS);
  await victim.start();
  let failed = 0;
  const say = (name, figure, wanted, unit = 'ms', more = '') => {
    const bad = figure > wanted;
    if (bad) failed++;
    console.log(
      `size: ${name}: ${Math.round(figure)} ${unit}${more}${bad ? ' ✗' : ''} (wanted under ${wanted})`,
    );
  };
  const lists = {
    parts: '/parts?limit=100',
    'parts by a word': '/parts?limit=100&search=9999',
    'a part’s decisions': `/parts/${part}/decisions?limit=100`,
    grades: '/grades?limit=100',
    'grades by a word': '/grades?limit=100&search=9999',
    spools: '/spools?limit=100',
    trials: '/trials?limit=100',
    'parts in service': '/placements?limit=100',
    'parts in service by a word': '/placements?limit=100&search=19999',
    'a search for few': '/search?words=19999',
    'a search for many': '/search?words=part',
    'a search by two letters': '/search?words=99',
    'the newest of a search': '/search?words=',
    'looks at one': `/placements/${placed}/inspections?limit=100`,
    'drill answers': '/drills/answers?limit=100',
  };
  for (const [name, path] of Object.entries(lists)) {
    const times = [];
    for (let i = 0; i < RUNS; i++) {
      const began = performance.now();
      const { status } = await victim.call('GET', path);
      times.push(performance.now() - began);
      if (status !== 200) say(`${name} answers ${status}`, 1, 0);
    }
    say(`${name}, cold`, times[0], WANTED.cold);
    say(name, times.sort((a, b) => a - b)[RUNS >> 1], WANTED.list);
  }
  const look = n => ({
    inspection: {
      id: `size-look-${n}`,
      placementId: placed,
      at: new Date().toISOString(),
      verdict: 'fine',
    },
  });
  const newestBackup = async () => (await victim.call('GET', '/backups')).data[0].name;
  const works = [
    ['the first evidence', () => victim.call('GET', '/service/evidence'), WANTED.evidence],
    [
      'a look, and the evidence anew',
      async () => {
        const kept = await victim.call('PUT', '/inspections/size-look-1', look(1));
        return kept.status === 201 ? victim.call('GET', '/service/evidence') : kept;
      },
      WANTED.evidence,
    ],
    ['what happened, beside what was said', () => victim.call('GET', '/service/happened'), WANTED.evidence],
    ['evidence once more, nothing changed', () => victim.call('GET', '/service/evidence'), WANTED.evidence],
    ['the calendar', () => victim.call('GET', '/service/due.ics'), WANTED.evidence],
    ['every part in service as CSV', () => victim.call('GET', '/service/parts.csv'), WANTED.evidence],
    ['a backup', () => victim.call('POST', '/backups', {}), WANTED.backup],
    ['every record read through', () => victim.call('GET', '/backups/verify'), WANTED.verify],
    ['a restore', async () => victim.call('POST', `/backups/${await newestBackup()}/restore`), WANTED.verify],
    ['the archive', () => victim.call('GET', '/archive'), WANTED.archive],
  ];
  for (const [name, work, wanted] of works) {
    const { status, tookMs, longestMs } = await besidePinger(victim.url, work);
    if (status >= 300) say(`${name} answers ${status}`, 1, 0);
    const most = Math.round(mostMemoryMB(victim.child.pid));
    say(
      name,
      tookMs,
      wanted,
      'ms',
      `, longest silence ${Math.round(longestMs)} ms, memory at most ${most} MB so far`,
    );
  }
  say('memory of the server at its most', mostMemoryMB(victim.child.pid), WANTED.memory, 'MB');
  await victim.stop();
  victim.dispose();
  return failed;
}

/** The most that a process has held, MB (Linux; none elsewhere). */
function mostMemoryMB(pid) {
  try {
    return Number(/VmHWM:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))[1]) / 1024;
  } catch {
    return 0;
  }
}
