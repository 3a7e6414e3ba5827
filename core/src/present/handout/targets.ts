import { formatDuration, formatPace } from '../../base/format/index.js';
import type { Unit } from '../../base/index.js';
import { laySession, readSession, type SessionPaces, type Stretch } from '../../sessions/index.js';

/** Longer stretches are run by their pace, shorter ones by the clock, metres. */
const BY_THE_CLOCK = 3000;
const OF_A_DISTANCE = /^(?:last )?[\d.]+ (?:m|km|mi)\b/;

/** The hard stretches of what is run on a day that a pace is named for, in the order they are run; none at a guess. */
export function hardStretches(sessions: readonly string[], paces: SessionPaces): Stretch[] {
  if (paces.guessed) return [];
  const stretches = sessions.flatMap((shorthand) => {
    const read = readSession(shorthand);
    return read.ok ? laySession(read.session, paces).stretches : [];
  });
  return stretches.filter(({ hard, named, pace }) => hard && named !== undefined && pace);
}

/**
 * What the hard stretches of a day are to be run in, each once: `1000 m half-hour in
 * 3:59`, `10 min @ race pace at 4:37 /km`. What is run by effort has none.
 */
export function targetsFor(sessions: readonly string[], paces: SessionPaces, unit: Unit): string[] {
  const targets = hardStretches(sessions, paces).map((each) => targetOf(each, unit));
  return [...new Set(targets)];
}

function targetOf({ words, distance, time, pace = 0 }: Stretch, unit: Unit): string {
  return OF_A_DISTANCE.test(words) && distance <= BY_THE_CLOCK
    ? `${words} in ${formatDuration(time)}`
    : `${words} at ${formatPace(pace, unit)}`;
}
