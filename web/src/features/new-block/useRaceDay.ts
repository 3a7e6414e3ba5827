import { type BlockFile, givenOf } from '@nadir/contract';
import { layOut } from '@nadir/core';
import { type CivilDate, equalAsJson } from '@nadir/core/base';
import { type Moved, moveRace } from '@nadir/core/edit/answers';
import { useState } from 'react';
import { useSignedIn } from '../../api/session.js';
import { answer } from './questions.js';
import * as wording from './wording.js';

/** What a new race day made of a plan, and what stood there before. */
interface Move {
  from: BlockFile;
  part: Partial<BlockFile>;
  /** What is written for single days and may go along, in words; undefined where nothing is. */
  along?: string | undefined;
}

/** The race day of a plan that is laid out already. */
export interface RaceDayMove {
  onDay: (date: CivilDate) => void;
  /** Whether what is written goes along with the race; undefined where there is nothing to ask. */
  written: { label: string; goes: boolean; onGoes: (goes: boolean) => void } | undefined;
}

/**
 * How a new race day is taken into the plan that is asked for: a block that has begun
 * keeps its start and what was run; another counts back again. A day that is typed
 * passes through others on its way (2 5 20 before 2 5 2027): each is counted from
 * where the race stood first, so that none takes away what the next would keep.
 */
export function useRaceDay(
  asked: BlockFile,
  change: (part: Partial<BlockFile>) => void,
): RaceDayMove {
  const { today } = useSignedIn();
  const [last, setLast] = useState<Move>();
  const [goes, setGoes] = useState(true);
  function move(date: CivilDate, takesDays: boolean) {
    const next = moveOf(beforeMove(asked, last), { date, today, takesDays });
    setLast(next);
    change(next.part);
  }
  function onGoes(takesDays: boolean) {
    setGoes(takesDays);
    if (asked.race.date) move(asked.race.date, takesDays);
  }
  const label = last?.along;
  return {
    onDay: (date) => move(date, goes),
    written: label === undefined ? undefined : { label, goes, onGoes },
  };
}

/** What a new race day makes of a plan; the day alone where the plan as it stands cannot be laid out. */
export function moveOf(from: BlockFile, to: Moved): Move {
  const { file } = answer(from, to.today, { mayBePast: true });
  if (!file) return { from, part: { race: { ...from.race, date: to.date } } };
  const block = layOut(givenOf(file));
  const { start, weeks, ...moved } = moveRace(file, block, to);
  // A file says its first day or its weeks: the one it leaves out stands no longer.
  const length =
    from.start === undefined ? { start: undefined, weeks } : { start, weeks: undefined };
  const other = moveRace(file, block, { ...to, takesDays: !to.takesDays });
  const isAsked = !equalAsJson(moved.days, other.days);
  const along = block.spec.start > to.today ? wording.writtenGoesAlong : wording.taperGoesAlong;
  return { from, part: { ...moved, ...length }, ...(isAsked && { along }) };
}

/** The plan before its race was moved: what the move made goes back, what was answered since stays. */
export function beforeMove(
  asked: BlockFile,
  moved: Pick<Move, 'from' | 'part'> | undefined,
): BlockFile {
  if (!moved) return asked;
  const { from, part } = moved;
  const fields = Object.keys(part) as (keyof BlockFile)[];
  const made = fields.filter((field) => isSame(asked[field], part[field]));
  const back = Object.fromEntries(made.map((field) => [field, from[field]]));
  return { ...asked, ...back, race: { ...asked.race, date: from.race.date } };
}

/** Fields of a form are copies: they are the same where they say the same. */
function isSame(a: unknown, b: unknown): boolean {
  return JSON.stringify(a) === JSON.stringify(b);
}
