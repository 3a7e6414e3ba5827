import type { Glances } from '@nadir/contract';
import { type Level, levels } from '@nadir/core/checks';

export type SquadAthlete = Glances['athletes'][number];

/** How the squad is ordered. */
export const squadOrders = {
  look: 'Needs a look',
  name: 'Athlete',
  race: 'Race day',
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

/** How many need a look: a caution or a stop to come, or no block at all. */
export function needsALook({ block }: SquadAthlete): boolean {
  return !block || (block.glance.worst !== null && block.glance.worst.level !== 'note');
}

const COMPARED: Readonly<Record<SquadOrder, (one: SquadAthlete, other: SquadAthlete) => number>> = {
  look: (one, other) => urgency(one) - urgency(other),
  name: (one, other) => one.name.localeCompare(other.name),
  race: (one, other) => raceDay(one).localeCompare(raceDay(other)),
};

/** Stops first, then cautions, then who has no block, then notes. */
function urgency({ block }: SquadAthlete): number {
  const level: Level | undefined = block?.glance.worst?.level;
  if (level === undefined) return block ? levels.length + 1 : levels.length - 1.5;
  return levels.indexOf(level);
}

function raceDay({ block }: SquadAthlete): string {
  return block?.glance.race.date ?? '9999';
}
