import { printAmount } from '../shorthand/print-session.js';
import type { Between, SessionAmount } from '../shorthand/session.js';
import { mentioned, type Reading } from './quickness.js';
import { rest, type Stretch, stretch } from './stretch.js';

/** What is done after a repetition. Jogging is running; standing and walking are time alone. */
export function layBetween(
  reading: Reading,
  between: Between | undefined,
  after: readonly Stretch[],
): Stretch[] {
  if (!between || after.length === 0) return [];
  const ran = after.reduce((total, { distance }) => total + distance, 0);
  const took = after.reduce((total, { time }) => total + time, 0);
  switch (between.kind) {
    case 'walk-back':
      return [rest('walk back', { number: ran, unit: 'm' })];
    case 'jog-back':
      return [jog(reading, 'jog back', { number: ran, unit: 'm' })];
    case 'equal':
      return [jog(reading, 'equal jog', { clock: took })];
    case 'run': {
      const { amount, name } = between;
      const quick = mentioned(reading, { name, offset: 0 });
      return [stretch(`${printAmount(amount)} ${name}`, amount, quick)];
    }
    default: {
      const { kind, amount } = between;
      const words = `${printAmount(amount)} ${kind}`;
      return [kind === 'jog' ? jog(reading, words, amount) : rest(words, amount)];
    }
  }
}

function jog({ paces }: Reading, words: string, amount: SessionAmount): Stretch {
  return stretch(words, amount, { pace: paces.jog, hard: false });
}
