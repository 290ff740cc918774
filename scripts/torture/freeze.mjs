// Freeze: each heavy request beside a pinger of /api/health; the longest silence is what everyone else would have felt.
import { grow } from './grown.mjs';
import { Victim } from './server.mjs';
import { besidePinger } from './silence.mjs';

/** Longest silence that is allowed, ms, on a quiet machine. */
const WANTED_MS = 50;

const brief = {
  format: 'hornblende-brief',
  version: 1,
  name: 'Heavy',
  sun: 'full',
  water: 'rain',
  heat: { setting: 'outdoors' },
  loads: [{ kind: 'sustained', case: 'cantilever', forceN: 8, lengthMm: 60, widthMm: 20, heightMm: 8 }],
};
const printer = { format: 'hornblende-printer', version: 1, name: 'P' };

/** Measures every heavy request. @returns the rows, worst first */
export async function freeze() {
  const victim = new Victim();
  await victim.start({ demo: true });
  await victim.stop();
  const { part } = grow(victim.dataDir, {
    parts: 2000,
    decisions: 900,
    grades: 10_000,
    spools: 1010,
    events: 200,
  });
  await victim.start();
  const grade = i => ({
    format: 'hornblende-grade',
    version: 1,
    key: `new-${i}`,
    name: `New ${i}`,
    family: 'pla',
  });
  const table = n => ({ grades: Array.from({ length: n }, (_, i) => ({ grade: grade(i), revision: null })) });
  const imported = table(20_000);
  let undo = '';
  const works = [
    ['nothing but the pinger', () => new Promise(ok => setTimeout(ok, 1500))],
    [
      'upgrades over 40 parts',
      () =>
        victim.call('POST', '/calc/workshop.upgrades', {
          printer,
          upgrades: ['enclosure', 'hot-end', 'direct-drive', 'dryer', 'bed'].map(kind => ({
            kind,
            price: 50,
          })),
          parts: Array.from({ length: 40 }, (_, i) => ({
            name: `P${i}`,
            brief: { ...brief, lifeYears: 1 + i },
          })),
        }),
    ],
    ['1,010 spools with 200 events', () => victim.call('GET', '/spools?limit=1000')],
    ['a part’s 300 decisions', () => victim.call('GET', `/parts/${part}/decisions?limit=1000`)],
    [
      'recording a decision with 10,000 grades',
      () =>
        victim.call('POST', `/parts/${part}/decisions`, {
          firstChoice: 'asa',
          reason: 'Under strain.',
          decidedBy: 'T.',
        }),
    ],
    [
      '100,000 draws',
      () => victim.call('POST', '/calc/score.robustness', { brief, printer, draws: 100_000 }),
    ],
    ['tipping points', () => victim.call('POST', '/calc/score.tipping', { brief, printer })],
    ['2,000 parts', () => victim.call('GET', '/parts?limit=1000')],
    ['10,000 grades', () => victim.call('GET', '/grades?limit=1000')],
    ['every grade as CSV', () => victim.call('GET', '/grades/export.csv')],
    [
      'import of 20,000 grades',
      async () => {
        const answer = await victim.call('POST', '/grades/import', imported);
        undo = answer.data.id;
        return answer;
      },
    ],
    ['undo of 20,000 grades', () => victim.call('POST', `/grades/imports/${undo}/undo`, {})],
    ['a backup', () => victim.call('POST', '/backups', {})],
    ['every record read through', () => victim.call('GET', '/backups/verify')],
    ['the archive', () => victim.call('GET', '/archive')],
  ];
  const rows = [];
  for (const [name, work] of works) rows.push({ name, ...(await besidePinger(victim.url, work)) });
  await victim.stop();
  victim.dispose();
  const still = rows[0].longestMs;
  let failed = 0;
  for (const { name, tookMs, longestMs, status } of rows) {
    const bad = status >= 300 || longestMs > WANTED_MS + still;
    if (bad) failed++;
    console.log(
      `freeze: ${name}: ${status} in ${Math.round(tookMs)} ms, longest silence ${Math.round(longestMs)} ms` +
        `${bad ? ' ✗' : ''} (wanted under ${WANTED_MS} + ${Math.round(still)} of the idle machine)`,
    );
  }
  return failed;
}
