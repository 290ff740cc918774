import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

// Lists the licences of what ships: every package that the application is built from or runs on, into
// docs/licences.md. With --check it only says whether the page is as it should be.
//   npm run docs:licences

const root = join(import.meta.dirname, '..');
const page = join(root, 'docs', 'licences.md');
/** What may ship without being asked about; everything else is named on the page as to be looked at. */
const FREE = new Set([
  ...['MIT', 'ISC', 'BSD-2-Clause', 'BSD-3-Clause', 'Apache-2.0', '0BSD', 'BSL-1.0', 'BlueOak-1.0.0'],
  ...['CC0-1.0', 'Unlicense', 'Zlib', 'OFL-1.1', 'Python-2.0'],
]);

/** The packages that ship, by the lock file: those that are only developed with are left out. */
function shipped() {
  const { packages } = JSON.parse(readFileSync(join(root, 'package-lock.json'), 'utf8'));
  return Object.entries(packages).flatMap(([path, { version, license, dev, devOptional, link }]) => {
    const at = path.lastIndexOf('node_modules/');
    if (at < 0 || dev || devOptional || link) return [];
    const name = path.slice(at + 'node_modules/'.length);
    return [{ name, version, licence: license ?? 'not stated' }];
  });
}

/** Whether a licence, or one of those that one may choose among, is free to pass on; of several together each. */
function isFree(expression) {
  const plain = expression.replace(/[()]/g, '');
  return plain.split(' OR ').some(choice => choice.split(' AND ').every(l => FREE.has(l)));
}

function written() {
  const unique = new Map(shipped().map(p => [`${p.name} ${p.version}`, p]));
  const list = [...unique.values()].sort((a, b) => a.name.localeCompare(b.name, 'en'));
  const counts = new Map();
  for (const { licence } of list) counts.set(licence, (counts.get(licence) ?? 0) + 1);
  const asked = list.filter(p => !isFree(p.licence));
  const sums = [...counts].sort((a, b) => b[1] - a[1]).map(([licence, n]) => `${licence} ${n}`);
  return [
    '# Licences of what ships',
    '',
    'Written by `npm run docs:licences` from what the lock file has of each package. Do not edit.',
    '',
    `${list.length} packages: ${sums.join(', ')}.`,
    '',
    asked.length
      ? `To be looked at before it is passed on: ${asked.map(p => `${p.name} (${p.licence})`).join(', ')}.`
      : 'All of them may be passed on with their notices.',
    '',
    '| Package | Version | Licence |',
    '|---|---|---|',
    ...list.map(p => `| ${p.name} | ${p.version} | ${p.licence} |`),
    '',
  ].join('\n');
}

const text = written();
if (!process.argv.includes('--check')) writeFileSync(page, text);
else if (!existsSync(page) || readFileSync(page, 'utf8') !== text) {
  console.error('docs/licences.md is not as the packages are: run npm run docs:licences');
  process.exit(1);
}
