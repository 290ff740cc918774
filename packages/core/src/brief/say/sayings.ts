import { bodySayings } from './body-sayings.js';
import { dutySayings } from './duty-sayings.js';
import type { Saying } from './lexicon.js';
import { placeSayings } from './place-sayings.js';

/** What is said in so many words, the more particular before the plainer. */
export const sayings: readonly Saying[] = [...placeSayings, ...bodySayings, ...dutySayings];
