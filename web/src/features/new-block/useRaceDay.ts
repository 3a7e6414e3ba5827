import { type BlockFile, changedFile } from '@nadir/contract';
import type { CivilDate } from '@nadir/core/base';
import { moveRace } from '@nadir/core/edit';
import { useRef } from 'react';
import { useSignedIn } from '../../api/session.js';
import { answer } from './questions.js';

/** What a new race day made of a plan, and what stood there before. */
interface Moved {
  from: BlockFile;
  part: Partial<BlockFile>;
}

/**
 * How a new race day is taken into the plan that is asked for: a block that has begun
 * keeps its start and what was run; another counts back again. A day that is typed
 * passes through others on its way (2 5 20 before 2 5 2027): each is counted from
 * where the race stood first, so that none takes away what the next would keep.
 */
export function useRaceDay(asked: BlockFile): (date: CivilDate) => Partial<BlockFile> {
  const { today } = useSignedIn();
  const moved = useRef<Moved>(undefined);
  return (date) => {
    const from = beforeMove(asked, moved.current);
    const { wishes } = answer(from, today, { mayBePast: true });
    const change = changedFile(from, moveRace(wishes, date, today));
    // What cannot be counted is shown with its problem, and can be set right by hand.
    const file = change.ok ? change.value : { ...from, race: { ...from.race, date } };
    // A file says its first day or its weeks: the one it leaves out stands no longer.
    const part = { start: undefined, weeks: undefined, ...file };
    moved.current = { from, part };
    return part;
  };
}

/** The plan before its race was moved: what the move made goes back, what was answered since stays. */
export function beforeMove(asked: BlockFile, moved: Moved | undefined): BlockFile {
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
