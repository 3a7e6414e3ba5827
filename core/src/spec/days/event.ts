import { addDays, type CivilDate, differenceInDays } from '../../base/index.js';

/** What may stand on the way to the goal race. */
export const eventKinds = [
  'tune-up-race',
  'test',
  'camp',
  'holiday',
  'travel',
  'away',
  'illness',
] as const;

export type EventKind = (typeof eventKinds)[number];

/** A race, a test or days that are not like others, placed on a block. */
export interface BlockEvent {
  kind: EventKind;
  name: string;
  from: CivilDate;
  /** Last day, itself counted; the first day when left out. */
  to?: CivilDate | undefined;
  /** Metres, of a race or a test. */
  distance?: number | undefined;
  /** Of a test: what is run; a time trial when left out. */
  form?: TestForm | undefined;
  /** Of a race or test: whether it is its week's long run; by its distance when left out. */
  isLongRun?: boolean | undefined;
  /** Running on its days as a part of usual days; the house rule when left out. */
  running?: number | undefined;
}

/** What is run as a test. */
export const testForms = ['time-trial', 'goal-pace', 'repeat'] as const;
export type TestForm = (typeof testForms)[number];

/** What each form of test is, and what it tells. */
export const testFormWords: Readonly<Record<TestForm, { title: string; why: string }>> = {
  'time-trial': { title: 'Time trial', why: 'A full effort alone; predicts like a race.' },
  'goal-pace': {
    title: 'Long session at goal pace',
    why: 'Shows whether the goal can be held; no full effort, so nothing is predicted from it.',
  },
  repeat: {
    title: 'Repeat of an earlier test',
    why: 'The same distance again: what has changed since.',
  },
};

interface EventCharacter {
  title: string;
  /** What the block does about it, in one sentence. */
  why: string;
  /** A single day with a start. */
  isRace: boolean;
}

export const eventCharacters: Readonly<Record<EventKind, EventCharacter>> = {
  'tune-up-race': {
    title: 'Tune-up race',
    why: 'A short taper of days before it, easy days after, the long run cut or moved.',
    isRace: true,
  },
  test: {
    title: 'Test',
    why: 'Takes the place of a hard day, with an easy day on either side.',
    isRace: true,
  },
  camp: { title: 'Camp', why: 'Running as planned unless you say otherwise.', isRace: false },
  holiday: { title: 'Holiday', why: 'Less running, none of it made up after.', isRace: false },
  travel: { title: 'Travel', why: 'Less running, none of it made up after.', isRace: false },
  away: { title: 'Days away', why: 'No running, none of it made up after.', isRace: false },
  illness: {
    title: 'Ill or hurt',
    why: 'No running; then less for as many days as it lasted. A doctor or physiotherapist says when it is over.',
    isRace: false,
  },
};

/** Last day of an event. */
export function lastDay({ from, to }: Pick<BlockEvent, 'from' | 'to'>): CivilDate {
  return to ?? from;
}

/** Days that an event lasts, both ends counted. */
export function daysLong(event: Pick<BlockEvent, 'from' | 'to'>): number {
  return differenceInDays(lastDay(event), event.from) + 1;
}

/** The last day of the way back from an illness or a hurt: as many days as it lasted. */
export function lastOfWayBack(event: Pick<BlockEvent, 'from' | 'to'>): CivilDate {
  return addDays(lastDay(event), daysLong(event));
}
