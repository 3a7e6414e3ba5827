import knex, { type Knex } from 'knex';
import pg from 'pg';

export const KNEX = Symbol('Knex');

/** Opens a pool. Dates stay civil dates: the driver would make local midnights of them. */
export function connect(databaseUrl: string): Knex {
  pg.types.setTypeParser(pg.types.builtins.DATE, (text) => text);
  return knex({ client: 'pg', connection: databaseUrl, pool: { min: 0, max: 10 } });
}
