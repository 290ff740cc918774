import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto';
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { StartProblem } from '../lib/start-problem.js';
import { writeWhole } from '../lib/whole-file.js';

const FILE = 'desk-phrase.json';
const OWNER_ONLY = 0o600;
/** What a guess costs (RFC 7914): 64 MB of memory and a good tenth of a second. */
const COST = { N: 2 ** 16, r: 8, p: 1, maxmem: 128 * 2 ** 20 };
const KEY_BYTES = 32;
const SALT_BYTES = 16;
const derived = promisify<string, Buffer, number, typeof COST, Buffer>(scrypt);

/** What is kept of a pass phrase: never the phrase itself. */
interface KeptPhrase {
  salt: string;
  key: string;
  /** What a program of the folder's owner shows instead: whoever can read it can read the workshop anyway. */
  owner: string;
}

/** As one is typed on whatever keyboard: the same letters, however they are put together. */
const plain = (phrase: string): string => phrase.normalize('NFKC');

/**
 * The pass phrase of the desk, where one is set: for a machine that several people use. It stands in a file beside the
 * workshop, readable by its owner alone: no backup, archive or restore carries it, and who forgets it removes the file.
 */
export class DeskPhrase {
  private readonly file: string;
  private kept: KeptPhrase | null;

  constructor(dataDir: string) {
    this.file = join(dataDir, FILE);
    this.kept = read(this.file);
  }

  /** Whether one is set. Whoever removes the file opens the desk at once. */
  get isSet(): boolean {
    if (this.kept && !existsSync(this.file)) this.kept = null;
    return this.kept !== null;
  }

  /** Sets it, or takes it away. */
  async set(phrase: string | null): Promise<void> {
    if (phrase === null) {
      rmSync(this.file, { force: true });
      return;
    }
    const salt = randomBytes(SALT_BYTES);
    const key = await derived(plain(phrase), salt, KEY_BYTES, COST);
    const owner = randomBytes(KEY_BYTES).toString('hex');
    const kept = { salt: salt.toString('hex'), key: key.toString('hex'), owner };
    // Whole or not at all: half a file would shut everybody out.
    writeWhole(this.file, Buffer.from(JSON.stringify(kept)), OWNER_ONLY);
    this.kept = kept;
  }

  /** Whether it is the one; true where none is set. */
  async is(phrase: string): Promise<boolean> {
    if (!this.kept) return true;
    const key = await derived(plain(phrase), Buffer.from(this.kept.salt, 'hex'), KEY_BYTES, COST);
    return timingSafeEqual(key, Buffer.from(this.kept.key, 'hex'));
  }

  /** Whether somebody shows what only the folder's owner can read. */
  isOwner(shown: string): boolean {
    const given = Buffer.from(shown);
    const owner = Buffer.from(this.kept?.owner ?? '');
    return owner.length > 0 && given.length === owner.length && timingSafeEqual(given, owner);
  }
}

/** Takes the pass phrase of a folder's desk away, whether it is served or not. @returns whether there was one */
export function forgetPhrase(dataDir: string): boolean {
  const file = join(dataDir, FILE);
  const there = existsSync(file);
  rmSync(file, { force: true });
  return there;
}

/** What a program of the folder's owner sends with a request, so that it is heard at a locked desk as well. */
export function ownerHeaders(dataDir: string): Record<string, string> {
  const kept = read(join(dataDir, FILE));
  return kept ? { Authorization: `Bearer ${kept.owner}` } : {};
}

/** @throws StartProblem of a file that somebody damaged: the desk stays shut rather than open */
function read(file: string): KeptPhrase | null {
  if (!existsSync(file)) return null;
  try {
    return JSON.parse(readFileSync(file, 'utf8')) as KeptPhrase;
  } catch {
    throw new StartProblem(
      file,
      'what is kept of the pass phrase of the desk cannot be read',
      'Take it away with hornblende unlock, and set another',
    );
  }
}
