import { setTimeout as pause } from 'node:timers/promises';
import type { Knex } from 'knex';
import { troubleOf } from './trouble.js';

/** Milliseconds between tries, ever longer; half a minute in all. */
const PAUSES = [100, 200, 400, 800, 1500, 3000, 3000, 5000, 5000, 5000, 5000];

/**
 * Waits until the database answers: it may be starting too.
 *
 * @throws the error of the last try, or at once one that waiting will not mend
 */
export async function waitForDatabase(knex: Knex): Promise<void> {
  for (const milliseconds of [...PAUSES, undefined]) {
    try {
      await knex.raw('SELECT 1');
      return;
    } catch (error) {
      if (milliseconds === undefined || troubleOf(error) === undefined) throw error;
      await pause(milliseconds);
    }
  }
}
