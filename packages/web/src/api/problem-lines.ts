import { InputError, problemLine } from '@hornblende/core/input';
import { ApiError, problemSentence } from './request';

/** What is wrong, a line a problem, whether core or the server found it, or neither expected it. */
export function problemLines(error: unknown): string[] {
  if (error instanceof InputError) return error.problems.map(problemLine);
  if (error instanceof ApiError) return error.problems.map(problemSentence);
  return [error instanceof Error ? error.message : String(error)];
}
