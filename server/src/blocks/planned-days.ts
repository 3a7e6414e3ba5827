import { randomUUID } from 'node:crypto';
import { type PastBody, type PlannedDay, plannedDay } from '@nadir/contract';
import { type CivilDate, equalAsJson } from '@nadir/core/base';
import type { HandedOut } from '@nadir/core/layout';
import { isLaidAsThen } from '@nadir/core/rules';
import type { Knex } from 'knex';
import { stored } from '../database/stored.js';
import { tables } from '../database/tables.js';

/** A stored day. */
export interface DayRow {
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

/** Every stored day of a block, oldest first. */
export function storedDays(on: Knex, key: Key): Promise<DayRow[]> {
  return on<DayRow>(tables.plannedDays).where(key).orderBy('date');
}

/** What of a block decides which of its days stay. */
interface Standing {
  engine: number;
  today: CivilDate;
}

/**
 * The days that stay as they are stored: those before today but for what the
 * coach opened again; every day of a block that is no longer laid out as it was.
 */
export function staying(rows: readonly DayRow[], { engine, today }: Standing): PlannedDay[] {
  const stay = isLaidAsThen(engine)
    ? rows.filter(({ date, reopened }) => date < today && !reopened)
    : rows;
  return stay.map(dayOf);
}

/** The days of a block that stay as they are stored, oldest first. */
export async function daysThatStay(on: Knex, key: Key, standing: Standing): Promise<PlannedDay[]> {
  const all = on<DayRow>(tables.plannedDays).where(key).orderBy('date');
  const isLaid = isLaidAsThen(standing.engine);
  return staying(await (isLaid ? all.andWhere('date', '<', standing.today) : all), standing);
}

/** Opens days for changes after they are over, or closes them as they now stand; days to come are open anyway. */
export async function setReopened(
  on: Knex,
  key: Key,
  { from, to, open }: PastBody,
  today: CivilDate,
): Promise<void> {
  await on<DayRow>(tables.plannedDays)
    .where(key)
    .andWhereBetween('date', [from, to])
    .andWhere('date', '<', today)
    .update({ reopened: open });
}

/**
 * Writes the plan of a block from `from` on, and of the days the coach opened:
 * only those that differ, each with the ids it had. Other days are never touched.
 */
export async function writePlan(
  trx: Knex.Transaction,
  key: Key,
  { days, from, standing }: { days: readonly HandedOut[]; from: CivilDate; standing: DayRow[] },
): Promise<void> {
  const open = new Map(
    standing.filter(({ date, reopened }) => date >= from || reopened).map((row) => [row.date, row]),
  );
  const planned = days.filter(({ day: { date } }) => date >= from || open.has(date));
  const changed = planned.flatMap((each) => rowOf(key, each, open.get(each.day.date)) ?? []);
  const dates = new Set(planned.map(({ day }) => day.date));
  const gone = [...open.keys()].filter((date) => !dates.has(date));
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
  if (old !== undefined && equalAsJson(day, old.day) && equalAsJson(week, old.week)) {
    return undefined;
  }
  return {
    ...key,
    date: day.date,
    day_id: old?.day_id ?? randomUUID(),
    run_ids: day.sessions.map((_, place) => old?.run_ids[place] ?? randomUUID()),
    day: JSON.stringify(day),
    week: JSON.stringify(week),
    reopened: old?.reopened ?? false,
  };
}

export function dayOf({ day_id, run_ids, day, week }: DayRow): PlannedDay {
  return stored(plannedDay, { dayId: day_id, runIds: run_ids, day, week });
}
