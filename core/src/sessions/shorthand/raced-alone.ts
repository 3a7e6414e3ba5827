import { metresOf } from './amounts.js';
import { readSession } from './parse-session.js';
import { RACED } from './raced.js';

/** A race or a time trial with nothing said around it. */
export interface RacedAlone {
  /** Metres. */
  distance: number;
  /** A time trial, not a race. */
  isTest: boolean;
}

const ALONE =
  /^(?:(?<first>race|tt|time[ -]trial|test)[ :]+)?(?<what>half(?:[ -]marathon)?|hm|\d+(?:[.,]\d+)? ?(?:km?|mi(?:les?)?|m))(?: (?<last>(?:(?:tune-?up|xc|cross[- ]country|road|track|trail|fell|club|league) )?race|tt|time[ -]trial|test))?(?: ?[[(][^\])]*[\])])?$/i;

/** `10k race`, `race: 5 km`, `5k cross-country race`, `3 km time trial (track)`; undefined of anything else, `10 km @ 10 km` too. */
export function racedAlone(text: string): RacedAlone | undefined {
  const { first, what = '', last } = ALONE.exec(text.trim())?.groups ?? {};
  const named = last ?? first;
  if (named === undefined) return undefined;
  const distance = /^h/i.test(what) ? RACED['half marathon'] : metresIn(what);
  return distance === undefined ? undefined : { distance, isTest: !/race$/i.test(named) };
}

function metresIn(text: string): number | undefined {
  const read = readSession(text);
  const [part] = read.ok ? read.session.parts : [];
  return part?.kind === 'run' ? metresOf(part.piece.amount) : undefined;
}
