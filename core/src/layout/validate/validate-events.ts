import { differenceInDays } from '../../base/civil-date.js';
import { startOfWeek } from '../../base/weeks.js';
import { type BlockEvent, eventCharacters, lastDay } from '../../spec/event.js';
import { USUAL_TEST } from '../events/event-days.js';
import { perMetre } from '../longrun/limits.js';
import { easyPaces } from '../../paces/easy-pace.js';
import { blockLength } from '../../rules/house-rules.js';
import { rulesOf } from '../../rules/rule-changes.js';
import { formatPlain } from '../../base/format/format.js';
import type { Given, Wishes } from '../../spec/block-spec.js';
import { type Problem, problem } from '../../spec/issue.js';

/** No event is longer than the longest block. */
const MOST_DAYS = 7 * blockLength.most;

/** Events too long to walk through day by day; looked at before anything does. */
export function examineEventLengths(events: NonNullable<Given['events']>): Problem[] {
  return events.flatMap(({ name, from, to = from }, index) => {
    const days = differenceInDays(to, from) + 1;
    if (days <= MOST_DAYS) return [];
    const message = `${name} lasts ${days} days; ${MOST_DAYS} are the most. Check its last day, ${to}.`;
    return [problem('event-too-long', ['events', index, 'to'], message)];
  });
}

/** Races, tests and stays that cannot stand where they are. */
export function examineEvents(wishes: Wishes): Problem[] {
  return wishes.events.flatMap((event, index) => [
    ...examinePlace(wishes, event, index),
    ...examineOverlap(wishes.events, event, index),
    ...examinePin(wishes, event, index),
  ]);
}

function examinePlace(
  { start, race }: Wishes,
  { kind, name, from, to }: BlockEvent,
  index: number,
): Problem[] {
  const at = (field: string) => ['events', index, field];
  const end = lastDay({ from, to });
  if (end < from) {
    const message = `${name} ends on ${end}, before it begins on ${from}. Swap the two days.`;
    return [problem('event-reversed', at('to'), message)];
  }
  if (eventCharacters[kind].isRace) {
    if (from >= race.date) {
      const message = `${name} on ${from} is not before ${race.name} on ${race.date}. Move it, or make it the goal race.`;
      return [problem('event-after-race', at('from'), message)];
    }
    if (from < start) {
      const message = `${name} on ${from} is before the block starts on ${start}. Move it, or start earlier.`;
      return [problem('event-before-start', at('from'), message)];
    }
    return [];
  }
  if (from <= start && end >= race.date) {
    const days = differenceInDays(end, from) + 1;
    const message = `${name} lasts ${days} days and covers the whole block. Shorten it, or move the race.`;
    return [problem('event-longer-than-block', at('to'), message)];
  }
  if (end < start || from > race.date) {
    const message = `${name} is outside the block of ${start} to ${race.date}. Move it, or take it out.`;
    return [problem('event-outside-block', at('from'), message)];
  }
  return end >= race.date
    ? [
        problem(
          'event-over-race',
          at('to'),
          `${name} lasts over race day, ${race.date}. End it the day before at the latest.`,
        ),
      ]
    : [];
}

/** Two races on one day, or two stays on the same days: nobody is at two places. */
function examineOverlap(
  events: readonly BlockEvent[],
  event: BlockEvent,
  index: number,
): Problem[] {
  const { isRace } = eventCharacters[event.kind];
  const other = events
    .slice(0, index)
    .find(
      (each) =>
        eventCharacters[each.kind].isRace === isRace &&
        each.from <= lastDay(event) &&
        lastDay(each) >= event.from,
    );
  if (!other) return [];
  const message = `${event.name} and ${other.name} fall on the same days. Move or shorten one of them.`;
  return [problem('events-overlap', ['events', index, 'from'], message)];
}

/** A week pinned below the race that is run in it. */
function examinePin(wishes: Wishes, event: BlockEvent, index: number): Problem[] {
  if (!eventCharacters[event.kind].isRace) return [];
  const { athlete, pins, weekStartsOn, start } = wishes;
  const first = startOfWeek(start, weekStartsOn);
  const week = Math.floor(differenceInDays(event.from, first) / 7) + 1;
  const pin = pins.find((each) => each.week === week);
  if (pin?.volume === undefined) return [];
  const pace = easyPaces(wishes, rulesOf(wishes))(start);
  const raced = (event.distance ?? USUAL_TEST) * perMetre(wishes, pace);
  const least = raced + (pin.longRun ?? 0);
  if (pin.volume >= least - 1e-6) return [];
  const message = `Week ${week} is pinned at ${formatPlain(pin.volume, athlete)}, less than ${event.name} and its long run take (${formatPlain(least, athlete)}). Raise or unpin the week.`;
  return [problem('pin-under-race', ['events', index, 'from'], message)];
}
