import type { Glances } from '@nadir/contract';
import { type Level, levels } from '@nadir/core/checks';
import * as wording from './wording.js';

export type SquadAthlete = Glances['athletes'][number];

/** How the squad is ordered. */
export const squadOrders = {
  look: wording.needsALook,
  name: wording.athlete,
  race: wording.raceDay,
} as const;
export type SquadOrder = keyof typeof squadOrders;

/** The athletes whose name or race holds what is typed, in an order. */
export function squadInOrder(
  athletes: readonly SquadAthlete[],
  order: SquadOrder,
  typed: string,
): SquadAthlete[] {
  const wanted = typed.trim().toLowerCase();
  const found = athletes.filter(({ name, block }) =>
    `${name} ${block?.glance.race.name ?? ''}`.toLowerCase().includes(wanted),
  );
  return found.toSorted(
    (one, other) => COMPARED[order](one, other) || one.name.localeCompare(other.name),
  );
}

/** Whether the athlete asked or said something that has no answer yet. */
function waits({ asks, block }: SquadAthlete): boolean {
  return asks > 0 || (block?.said ?? 0) > 0;
}

/** How many need a look: a caution or a stop in the diary or to come, somebody who waits for an answer, or nothing to come. */
export function needsALook(athlete: SquadAthlete): boolean {
  const level = levelOf(athlete);
  return !hasRacesToCome(athlete) || waits(athlete) || (level !== undefined && level !== 'note');
}

/** False where nothing is planned: no block, or one whose race has been run. */
function hasRacesToCome({ block }: SquadAthlete): boolean {
  return block !== null && block.glance.next !== null;
}

/** The gravest of what the diary and the checks say. */
function levelOf({ block }: SquadAthlete): Level | undefined {
  const said = [block?.need?.level, block?.glance.worst?.level];
  return levels.find((level) => said.includes(level));
}

const COMPARED: Readonly<Record<SquadOrder, (one: SquadAthlete, other: SquadAthlete) => number>> = {
  look: (one, other) => urgency(one) - urgency(other),
  name: (one, other) => one.name.localeCompare(other.name),
  race: (one, other) => raceDay(one).localeCompare(raceDay(other)),
};

/** Stops first, then cautions, then who waits for an answer, who has nothing to come, and notes. */
function urgency(athlete: SquadAthlete): number {
  return Math.min(gravity(athlete), waits(athlete) ? levels.indexOf('caution') + 0.1 : Infinity);
}

function gravity(athlete: SquadAthlete): number {
  const level = levelOf(athlete);
  if (level === undefined) return hasRacesToCome(athlete) ? levels.length + 1 : levels.length - 1.5;
  // What has happened goes before what is planned.
  return levels.indexOf(level) - (athlete.block?.need?.level === level ? 0.25 : 0);
}

function raceDay({ block }: SquadAthlete): string {
  return block?.glance.race.date ?? '9999';
}
