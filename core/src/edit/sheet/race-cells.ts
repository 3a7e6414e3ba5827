import type { CivilDate } from '../../base/index.js';
import { isRaced } from '../../layout/index.js';
import type { Block } from '../../layout/block/index.js';
import { racedAlone } from '../../sessions/index.js';
import type { BlockEvent } from '../../spec/days/index.js';
import { roomForEvent } from '../room-for-event.js';
import type { WrittenCell } from './cells.js';

/** Characters of an event’s name. */
const LONGEST_NAME = 80;

/** A race or time trial that stands alone in a cell, as an event of its day: `10k race`, `5 km time trial`. */
export function eventOf(text: string, from: CivilDate): BlockEvent | undefined {
  const raced = racedAlone(text);
  if (!raced) return undefined;
  const kind = raced.isTest ? 'test' : 'tune-up-race';
  return { kind, name: text.trim().slice(0, LONGEST_NAME), from, distance: raced.distance };
}

/** Races and tests among written cells, each on a day to come that holds none and comes before the goal. */
export function racesAmong(
  { weeks, spec }: Block,
  written: readonly WrittenCell[],
  over: ReadonlySet<CivilDate>,
): BlockEvent[] {
  const open = new Set(
    weeks.flatMap(({ days }) =>
      days.flatMap(({ date, role }) =>
        date < spec.race.date && !over.has(date) && !isRaced(role) ? [date] : [],
      ),
    ),
  );
  const byDate = new Map<CivilDate, BlockEvent>();
  for (const { cell, text } of written) {
    const event = cell.kind === 'day' && open.has(cell.date) ? eventOf(text, cell.date) : undefined;
    if (event) byDate.set(event.from, event);
  }
  return [...byDate.values()];
}

/**
 * The block with further races in the place of what was fixed on their days, and with room
 * made for them in what is written around; nothing is laid out anew yet.
 */
export function withRaces(
  block: Block,
  races: readonly BlockEvent[],
): { raced: Block; gaveWay: boolean } {
  const dates = new Set(races.map(({ from }) => from));
  const days = block.spec.days.filter(({ date }) => !dates.has(date));
  const open = { ...block, spec: { ...block.spec, days } };
  const raced = races.reduce<Block>(
    (before, race) => ({
      ...before,
      spec: {
        ...before.spec,
        ...roomForEvent(before, race),
        events: [...before.spec.events, race],
      },
    }),
    open,
  );
  const { spec } = raced;
  return { raced, gaveWay: spec.days !== days || spec.pins !== block.spec.pins };
}
