import { search as searchWords, type SearchAsked } from '../../db/search.js';
import { json } from '../answer.js';
import type { Task } from '../task.js';

/** Parts and parts in service by their words. */
export const search: Task<SearchAsked> = {
  run: async (db, asked) => json(await searchWords(db, asked)),
};
