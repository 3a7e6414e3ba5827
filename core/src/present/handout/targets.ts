import { formatDuration, formatPace } from '../../base/format/index.js';
import type { Unit } from '../../base/index.js';
import type { Day } from '../../layout/index.js';
import { laySession, readSession, type SessionPaces, type Stretch } from '../../sessions/index.js';

/** Longer stretches are run by their pace, shorter ones by the clock, metres. */
const BY_THE_CLOCK = 3000;
const OF_A_DISTANCE = /^(?:last )?[\d.]+ (?:m|km|mi)\b/;

/**
 * What the hard stretches of a day are to be run in, each once: `1000 m half-hour in
 * 3:59`, `10 min @ race pace at 4:37 /km`. What is run by effort has none.
 */
export function targetsFor(
  { sessions }: Pick<Day, 'sessions'>,
  paces: SessionPaces,
  unit: Unit,
): string[] {
  const stretches = sessions.flatMap(({ kind, shorthand }) => {
    const read = kind === 'run' ? readSession(shorthand) : undefined;
    return read?.ok ? laySession(read.session, paces).stretches : [];
  });
  return [...new Set(stretches.flatMap((each) => targetOf(each, unit) ?? []))];
}

function targetOf({ hard, named, words, distance, time, pace }: Stretch, unit: Unit) {
  if (!hard || named === undefined || pace === undefined) return undefined;
  return OF_A_DISTANCE.test(words) && distance <= BY_THE_CLOCK
    ? `${words} in ${formatDuration(time)}`
    : `${words} at ${formatPace(pace, unit)}`;
}
