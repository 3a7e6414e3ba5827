import { addDays, type CivilDate, type Unit } from '@nadir/core/base';
import { readDistance } from '@nadir/core/base/format';
import { type BlockEvent, eventCharacters } from '@nadir/core/spec/days';
import type { FieldErrors, Resolver } from 'react-hook-form';
import { distanceWords } from '../../components/distance-words.js';

/** A race, test or stay as it is being typed. */
export interface EventDraft extends Omit<BlockEvent, 'distance'> {
  /** As it is typed, in whatever unit. */
  distance: string;
}

const USUAL_RACE = 10_000;
/** How far ahead a race is first proposed, in days. */
const AHEAD = 21;
const LONGEST_NAME = 120;

/** An event as it is typed again, or a first proposal for a new one. */
export function eventDraft(
  event: BlockEvent | undefined,
  { from, race, unit }: { from: CivilDate; race: CivilDate; unit: Unit },
): EventDraft {
  if (event) return { ...event, distance: distanceWords(event.distance ?? USUAL_RACE, unit) };
  const wished = addDays(from, AHEAD);
  return {
    kind: 'tune-up-race',
    name: '',
    from: wished < race ? wished : addDays(race, -1),
    distance: distanceWords(USUAL_RACE, unit),
  };
}

/**
 * The event of a draft: nothing that belongs to another kind goes along, and a
 * name that was not given is that of its kind. What is no distance is said, and
 * nothing is placed at another in its stead.
 */
export function readEventDraft(
  draft: EventDraft,
  unit: Unit,
): { event: BlockEvent } | { problem: string } {
  const { kind, from, to, form, running, isLongRun } = draft;
  const { isRace, title } = eventCharacters[kind];
  const heading = { kind, name: draft.name.trim().slice(0, LONGEST_NAME) || title, from };
  if (!isRace) {
    return { event: { ...heading, to: to ?? from, ...(running !== undefined && { running }) } };
  }
  const distance = readDistance(draft.distance, unit);
  if (!distance.ok) return { problem: distance.problem };
  return {
    event: {
      ...heading,
      ...(kind === 'test' && { form: form ?? 'time-trial' }),
      distance: distance.value,
      ...(isLongRun !== undefined && { isLongRun }),
    },
  };
}

/** The event of a draft or what is wrong with it, at its field, as a form takes it. */
export function eventResolver(unit: Unit): Resolver<EventDraft, unknown, BlockEvent> {
  return (draft) => {
    const read = readEventDraft(draft, unit);
    if ('event' in read) return { values: read.event, errors: {} };
    const errors: FieldErrors<EventDraft> = { distance: { type: 'value', message: read.problem } };
    return { values: {}, errors };
  };
}
