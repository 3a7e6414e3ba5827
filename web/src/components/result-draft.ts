import { type CivilDate, isCivilDate } from '@nadir/core/base';
import { readDistance, readRaceTime, readTime } from '@nadir/core/base/format';
import type { Result, ResultKind } from '@nadir/core/spec/choices';
import * as wording from './wording.js';

/** A result as it is being typed. */
export interface ResultDraft {
  kind: ResultKind;
  name: string;
  date: string;
  fixed: 'distance' | 'time';
  distance: string;
  time: string;
  conditions: string;
  full: boolean;
}

export const freshDraft = (today: CivilDate): ResultDraft => ({
  kind: 'race',
  name: '',
  date: today,
  fixed: 'distance',
  distance: '',
  time: '',
  conditions: '',
  full: true,
});

/** Fields that may be at fault, and why. */
export type DraftProblems = Partial<Record<'date' | 'distance' | 'time', string>>;

const LEAST = 400;
const MOST = 100_000;
/** What was run may be as many kilometres or miles, and is asked. */
const FEW = 100;
/** `10,000` and `10.000` are as many metres. */
const THOUSANDS = /(?<=^\d{1,3})[.,](?=\d{3}$)/;

/** A figure alone is in metres, to the metre: a test of so many minutes covers any; `10k` and `half` are races. */
function metresOf(typed: string): number {
  const metres = Number(typed.trim().replace(THOUSANDS, '').replace(',', '.'));
  if (Number.isFinite(metres)) return metres;
  const read = readDistance(typed, 'km');
  return read.ok ? read.value : NaN;
}

/** The result that was typed, or what is wrong with each field. */
export function readDraft(
  draft: ResultDraft,
  today: CivilDate,
): { result: Result } | { problems: DraftProblems } {
  const distance = metresOf(draft.distance);
  const time = distance > 0 ? readRaceTime(draft.time, distance) : readTime(draft.time);
  const problems: DraftProblems = {};
  if (!isCivilDate(draft.date)) problems.date = wording.giveTheDayItWasRun;
  else if (draft.date > today) problems.date = wording.thatDayIsStillToCome;
  if (draft.distance.trim() === '' || !Number.isFinite(distance)) {
    problems.distance = wording.typeTheDistance;
  } else if (distance < LEAST || distance > MOST) {
    const typed = draft.distance.trim();
    problems.distance =
      distance > 0 && distance <= FEW ? wording.isNoRaceInMetres(typed) : wording.isNoRace(typed);
  }
  if (!time.ok) problems.time = time.problem;
  if (!time.ok || Object.keys(problems).length > 0) return { problems };
  return {
    result: {
      date: draft.date,
      distance,
      time: time.value,
      kind: draft.kind,
      ...(draft.name.trim() && { name: draft.name.trim() }),
      ...(draft.fixed === 'time' && { fixed: draft.fixed }),
      ...(draft.conditions.trim() && { conditions: draft.conditions.trim() }),
      ...(!draft.full && { full: false }),
    },
  };
}
