/**
 * Why a start, a backup or a restore cannot go on, in words for whoever runs it: which path, what is the matter,
 * and what would help. Never a stack.
 */
export class StartProblem extends Error {
  constructor(
    readonly path: string,
    readonly reason: string,
    readonly remedy: string,
  ) {
    super(`${path}: ${reason}. ${remedy}.`);
    this.name = 'StartProblem';
  }
}

/** What the system or SQLite says, as a start problem; null where it is none of those. */
export function startProblemOf(path: string, error: unknown): StartProblem | null {
  const { code = '', message = '' } = error as { code?: string; message?: string };
  const known = systemWords.find(w => w.codes.some(c => code === c || code.startsWith(`${c}_`)));
  if (!known) return null;
  return new StartProblem(path, `${known.reason}${message ? ` (${message})` : ''}`, known.remedy);
}

/** A port that is taken, as a start problem. */
export function portProblem(port: number): StartProblem {
  return new StartProblem(
    `port ${port}`,
    'something else answers there already',
    'Set PORT to another one, or 0 for any that is free',
  );
}

const systemWords: readonly { codes: string[]; reason: string; remedy: string }[] = [
  {
    codes: ['ENOSPC', 'SQLITE_FULL'],
    reason: 'the disk is full',
    remedy: 'Make room on that disk, or choose another folder with --data',
  },
  {
    codes: ['EACCES', 'EPERM', 'EROFS', 'SQLITE_READONLY'],
    reason: 'it may not be written to',
    remedy: 'Give yourself the right to write there, or choose another folder with --data',
  },
  {
    codes: ['ENOTDIR', 'EEXIST', 'EISDIR', 'SQLITE_CANTOPEN'],
    reason: 'it cannot be opened as a data folder with a database in it',
    remedy: 'Choose another folder with --data',
  },
  {
    codes: ['SQLITE_NOTADB'],
    reason: 'it is not a database of Hornblende',
    remedy: 'Nothing was changed. Move the file elsewhere, or choose another folder with --data',
  },
];
