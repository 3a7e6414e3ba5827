import { dateWords, formatPlain } from '../../base/format/index.js';
import { type BlockEvent, eventCharacters, lastDay } from '../../spec/days/index.js';
import { differenceInDays, startOfWeek } from '../../base/index.js';
import { blockLength } from '../../rules/index.js';
import { type BlockSpec, type Issue, issue, type ResolvedSpec } from '../../spec/index.js';
import type { Context } from '../context/context.js';
import { USUAL_TEST } from '../events/event-days.js';

/** No event is longer than the longest block. */
const MOST_DAYS = 7 * blockLength.most;

/** Events too long to walk through day by day; looked at before anything does. */
export function validateEventLengths(events: NonNullable<BlockSpec['events']>): Issue[] {
  return events.flatMap(({ name, from, to = from }, index) => {
    const days = differenceInDays(to, from) + 1;
    if (days <= MOST_DAYS) return [];
    const message = `${name} lasts ${days} days; ${MOST_DAYS} are the most. Check its last day, ${dateWords(to)}.`;
    return [issue('event-too-long', ['events', index, 'to'], message)];
  });
}

/** Races, tests and stays that cannot stand where they are. */
export function validateEvents(context: Context): Issue[] {
  const { spec } = context;
  return spec.events.flatMap((event, index) => [
    ...validatePlace(spec, event, index),
    ...validateOverlap(spec.events, event, index),
    ...validatePin(context, event, index),
  ]);
}

function validatePlace(
  { start, race }: ResolvedSpec,
  { kind, name, from, to }: BlockEvent,
  index: number,
): Issue[] {
  const at = (field: string) => ['events', index, field];
  const end = lastDay({ from, to });
  if (end < from) {
    const message = `${name} ends on ${dateWords(end)}, before it begins on ${dateWords(from)}. Swap the two days.`;
    return [issue('event-reversed', at('to'), message)];
  }
  if (eventCharacters[kind].isRace) {
    if (from >= race.date) {
      const message = `${name} on ${dateWords(from)} is not before ${race.name} on ${dateWords(race.date)}. Move it, or make it the goal race.`;
      return [issue('event-after-race', at('from'), message)];
    }
    if (from < start) {
      const message = `${name} on ${dateWords(from)} is before the block starts on ${dateWords(start)}. Move it, or start earlier.`;
      return [issue('event-before-start', at('from'), message)];
    }
    return [];
  }
  if (from <= start && end >= race.date) {
    const days = differenceInDays(end, from) + 1;
    const message = `${name} lasts ${days} days and covers the whole block. Shorten it, or move the race.`;
    return [issue('event-longer-than-block', at('to'), message)];
  }
  if (end < start || from > race.date) {
    const message = `${name} is outside the block of ${dateWords(start)} to ${dateWords(race.date)}. Move or remove it.`;
    return [issue('event-outside-block', at('from'), message)];
  }
  return end >= race.date
    ? [
        issue(
          'event-over-race',
          at('to'),
          `${name} lasts over race day, ${dateWords(race.date)}. End it the day before at the latest.`,
        ),
      ]
    : [];
}

/** Two races on one day, or two stays on the same days: nobody is at two places. */
function validateOverlap(events: readonly BlockEvent[], event: BlockEvent, index: number): Issue[] {
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
  return [issue('events-overlap', ['events', index, 'from'], message)];
}

/** A week pinned below the race that is run in it. */
function validatePin({ spec, perMetre }: Context, event: BlockEvent, index: number): Issue[] {
  if (!eventCharacters[event.kind].isRace) return [];
  const { athlete, pins, weekStartsOn, start } = spec;
  const first = startOfWeek(start, weekStartsOn);
  const week = Math.floor(differenceInDays(event.from, first) / 7) + 1;
  const pin = pins.find((each) => each.week === week);
  if (pin?.volume === undefined) return [];
  const raced = (event.distance ?? USUAL_TEST) * perMetre;
  const least = raced + (pin.longRun ?? 0);
  if (pin.volume >= least - 1e-6) return [];
  const message = `Week ${week} is fixed at ${formatPlain(pin.volume, athlete)}, less than ${event.name} and its long run take (${formatPlain(least, athlete)}). Raise or unpin the week.`;
  return [issue('pin-under-race', ['events', index, 'from'], message)];
}
