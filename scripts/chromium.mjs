import { execFileSync } from 'node:child_process';
import { existsSync } from 'node:fs';

const places = [
  process.env.CHROMIUM_PATH,
  '/usr/bin/chromium',
  '/usr/bin/chromium-browser',
  '/usr/bin/google-chrome',
];

/**
 * Finds a Chromium for the browser tests, installing Debian's where this user may. @returns its path, or
 * null with a line saying how to get one
 */
export function findChromium() {
  const found = places.find(p => p && existsSync(p));
  if (found) return found;
  if (process.platform === 'linux' && process.getuid?.() === 0 && existsSync('/usr/bin/apt-get')) {
    console.error('Installing Chromium for the browser tests…');
    try {
      execFileSync('apt-get', ['update', '-qq'], { stdio: ['ignore', 2, 2] });
      execFileSync('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium'], {
        stdio: ['ignore', 'ignore', 2],
        env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
      });
    } catch {
      /* told below */
    }
    if (existsSync('/usr/bin/chromium')) return '/usr/bin/chromium';
  }
  console.error(
    'The browser tests need Chromium: install Debian’s package "chromium", or set CHROMIUM_PATH to one.',
  );
  return null;
}
