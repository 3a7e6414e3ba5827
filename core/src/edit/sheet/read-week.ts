import { type Measure, unitName } from '../../base/index.js';
import { inClock, parseAmount, withoutUnit } from '../../base/format/index.js';
import type { ReadCell } from './day-entry.js';

/** What a coach typed for a week's volume. */
export type VolumeEntry =
  | { kind: 'free' }
  /** m or s, as the block counts. */
  | { kind: 'amount'; amount: number }
  /** Against the week before: 0.1 for 10% more. */
  | { kind: 'change'; share: number }
  | { kind: 'recovery' };

/** `50-55`. */
const RANGE = /^(\d{1,3})\s*(?:[-–]|to)\s*(\d{1,3})(?: ?[a-z]+)?$/;

/** `~50`, `about 50`, `50ish`, `50+`. */
const ROUGHLY =
  /^(?:(?:~|≈|c\.?|ca\.?|about|approx\.?|around)\s*(\d{1,3}(?::\d\d)?)|(\d{1,3}(?::\d\d)?)\s*(?:ish|\+))$/;

/** `4.5` alone: of a week that is counted in minutes it is hours. */
const PART_ALONE = /^(\d{1,2}[.,]\d{1,2})$/;

const CHANGE = /^([+−-])\s*(\d{1,3}(?:[.,]\d)?)\s*%$/;

/** Reads a volume as coaches write it: `54`, `+10%`, `=` (as the week before), `r` (a recovery week). */
export function readVolume(text: string, measure: Measure): ReadCell<VolumeEntry> {
  const typed = inClock(text.trim().toLowerCase(), measure);
  if (typed === '') return { ok: true, entry: { kind: 'free' } };
  if (typed === '=') return { ok: true, entry: { kind: 'change', share: 0 } };
  if (['r', 'rec', 'recovery'].includes(typed)) return { ok: true, entry: { kind: 'recovery' } };
  const change = CHANGE.exec(typed);
  if (change) {
    const share = Number(change[2]?.replace(',', '.')) / 100;
    return { ok: true, entry: { kind: 'change', share: change[1] === '+' ? share : -share } };
  }
  if (measure.basis === 'time' && PART_ALONE.test(typed)) {
    return offered(text, inClock(`${typed} h`, measure), 'this week is counted in minutes');
  }
  const unit = unitName(measure);
  // In another unit it is a slip, and is said.
  const [figure = '', ...behind] = typed.split(/(?<=\d)(?![\d.,:])/);
  const amount = parseAmount(figure, measure);
  const isAlone = withoutUnit(behind.join('').trim(), measure) === '';
  if (amount !== undefined && isAlone) return { ok: true, entry: { kind: 'amount', amount } };
  const meant = oneVolume(typed);
  if (meant !== undefined) return offered(text, meant);
  return {
    ok: false,
    problem: `“${text.trim()}” is not a volume in ${unit}: write 54, +10%, = (as the week before) or r (a recovery week).`,
  };
}

function offered(
  text: string,
  suggestion: string,
  why = 'a week’s volume is one figure',
): ReadCell<VolumeEntry> {
  const problem = `“${text.trim()}”: ${why}. Did you mean ${suggestion}?`;
  return { ok: false, problem, suggestion };
}

/** The middle of a range, or a figure that is no more than about right. */
function oneVolume(typed: string): string | undefined {
  const [, least, most] = RANGE.exec(typed) ?? [];
  if (least !== undefined) return String(Math.round((Number(least) + Number(most)) / 2));
  const [, after, before] = ROUGHLY.exec(typed) ?? [];
  return after ?? before;
}
