import type { Knex } from 'knex';
import { tables } from './tables.js';

/**
 * What a database holds: the demo, a coach's own data, or nobody yet. The demo's
 * coach has no password; once the demo is laid out its seed is noted too.
 */
export async function keptMode(knex: Knex): Promise<'demo' | 'own' | undefined> {
  const coaches = () => knex<{ coach_id: string; password_hash: string | null }>(tables.coaches);
  const seed = await knex<{ coach_id: string }>(tables.demoSeeds).first('coach_id');
  const open = await coaches().whereNull('password_hash').first('coach_id');
  if (seed !== undefined || open !== undefined) return 'demo';
  return (await coaches().first('coach_id')) === undefined ? undefined : 'own';
}
