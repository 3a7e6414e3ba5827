import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import { type PastBody, type PlannedDay, plannedDay } from '@nadir/contract';
import type { CivilDate } from '@nadir/core/base';
import type { HandedOut } from '@nadir/core/layout';
import { isLaidAsThen } from '@nadir/core/rules';
import type { Knex } from 'knex';
import { stored } from '../database/stored.js';
import { tables } from '../database/tables.js';

interface DayRow {
  coach_id: string;
  block_id: string;
  date: CivilDate;
  day_id: string;
  run_ids: string[];
  day: unknown;
  week: unknown;
  /** The coach opened it after it was over: it is laid out anew until it is closed again. */
  reopened: boolean;
}

type Key = Pick<DayRow, 'coach_id' | 'block_id'>;

/** The plan of a block by the day, oldest first; before a date where one is given. */
export async function plannedDays(on: Knex, key: Key, before?: CivilDate): Promise<PlannedDay[]> {
  const all = on<DayRow>(tables.plannedDays).where(key).orderBy('date');
  const rows = await (before === undefined ? all : all.andWhere('date', '<', before));
  return rows.map(dayOf);
}

/**
 * The days that stay as they are stored: those before today but for what the
 * coach opened again; every day of a block that is no longer laid out as it was.
 */
export async function daysThatStay(
  on: Knex,
  key: Key,
  { engine, today }: { engine: number; today: CivilDate },
): Promise<PlannedDay[]> {
  if (!isLaidAsThen(engine)) return plannedDays(on, key);
  const rows = await on<DayRow>(tables.plannedDays)
    .where({ ...key, reopened: false })
    .andWhere('date', '<', today)
    .orderBy('date');
  return rows.map(dayOf);
}

/** Opens days for changes after they are over, or closes them as they now stand. */
export async function setReopened(on: Knex, key: Key, { from, to, open }: PastBody): Promise<void> {
  await on<DayRow>(tables.plannedDays)
    .where(key)
    .andWhereBetween('date', [from, to])
    .update({ reopened: open });
}

/**
 * Writes the plan of a block from `from` on, and of the days the coach opened:
 * only those that differ, each with the ids it had. Other days are never touched.
 */
export async function writePlan(
  trx: Knex.Transaction,
  key: Key,
  days: readonly HandedOut[],
  from: CivilDate,
): Promise<void> {
  const rows = await trx<DayRow>(tables.plannedDays)
    .where(key)
    .andWhereRaw('(date >= ? OR reopened)', [from]);
  const standing = new Map(rows.map((row) => [row.date, row]));
  const planned = days.filter(({ day: { date } }) => date >= from || standing.has(date));
  const changed = planned.flatMap((each) => rowOf(key, each, standing.get(each.day.date)) ?? []);
  const dates = new Set(planned.map(({ day }) => day.date));
  const gone = rows.filter(({ date }) => !dates.has(date)).map(({ date }) => date);
  if (gone.length > 0) {
    await trx<DayRow>(tables.plannedDays).where(key).whereIn('date', gone).delete();
  }
  await insertRows(trx, changed);
}

/** Writes days that were never written. */
export async function insertDays(
  trx: Knex.Transaction,
  key: Key,
  days: readonly HandedOut[],
): Promise<void> {
  await insertRows(
    trx,
    days.flatMap((each) => rowOf(key, each, undefined) ?? []),
  );
}

async function insertRows(
  trx: Knex.Transaction,
  rows: readonly NonNullable<ReturnType<typeof rowOf>>[],
): Promise<void> {
  if (rows.length === 0) return;
  await trx<DayRow>(tables.plannedDays)
    .insert([...rows])
    .onConflict(['coach_id', 'block_id', 'date'])
    .merge();
}

/** A day's row; undefined where it stands already. */
function rowOf(key: Key, { day, week }: HandedOut, old: DayRow | undefined) {
  const written = JSON.stringify(day);
  const then = JSON.stringify(week);
  const isSame =
    old !== undefined &&
    isDeepStrictEqual(JSON.parse(written), old.day) &&
    isDeepStrictEqual(JSON.parse(then), old.week);
  if (isSame) return undefined;
  return {
    ...key,
    date: day.date,
    day_id: old?.day_id ?? randomUUID(),
    run_ids: day.sessions.map((_, place) => old?.run_ids[place] ?? randomUUID()),
    day: written,
    week: then,
    reopened: old?.reopened ?? false,
  };
}

function dayOf({ day_id, run_ids, day, week }: DayRow): PlannedDay {
  return stored(plannedDay, { dayId: day_id, runIds: run_ids, day, week });
}
