import type { Knex } from 'knex';

/** One step of the schema's history. */
export interface Migration {
  name: string;
  up: (db: Knex) => Promise<void>;
  down: (db: Knex) => Promise<void>;
}
