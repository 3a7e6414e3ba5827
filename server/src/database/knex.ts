import knex, { type Knex } from 'knex';
import pg from 'pg';

export const KNEX = Symbol('Knex');

/** Longest that requests wait, in milliseconds: beyond it they are answered and tried again. */
const STATEMENT_MS = 5000;
const LOCK_MS = 3000;
const IDLE_IN_TRANSACTION_MS = 10_000;
const CONNECT_MS = 3000;
const ACQUIRE_MS = 4000;

/**
 * Opens a pool. Dates stay civil dates: the driver would make local midnights of them.
 *
 * @param patience `patient` for what may take its time, such as migrating
 */
export function connect(databaseUrl: string, patience: 'hurried' | 'patient' = 'hurried'): Knex {
  pg.types.setTypeParser(pg.types.builtins.DATE, (text) => text);
  const limits = {
    statement_timeout: STATEMENT_MS,
    lock_timeout: LOCK_MS,
    idle_in_transaction_session_timeout: IDLE_IN_TRANSACTION_MS,
  };
  return knex({
    client: 'pg',
    connection: {
      connectionString: databaseUrl,
      connectionTimeoutMillis: CONNECT_MS,
      keepAlive: true,
      application_name: 'nadir',
      ...(patience === 'hurried' && limits),
    },
    pool: { min: 0, max: 10 },
    acquireConnectionTimeout: ACQUIRE_MS,
    // Requests note what becomes of them, without the values that these lines may quote.
    log: { warn: silence, error: silence },
  });
}

function silence(): void {
  // Nothing is written.
}
