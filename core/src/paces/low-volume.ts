import type { HouseRules } from '../rules/index.js';
import type { Effort } from './efforts.js';
import type { TimeFor } from './model.js';
import { RIEGEL_EXPONENT } from './riegel.js';

const HALF = 21_097.5;

/**
 * The exponent from half marathon to marathon for a runner whose heaviest week
 * is `peak`: 1.06 where enough is run, rising in a straight line to the house
 * rule’s 1.15 for little running.
 *
 * Source: Vickers and Vertosick, "An empirical study of race times in
 * recreational endurance runners", BMC Sports Science, Medicine and
 * Rehabilitation 8 (2016): predictions from shorter races are too fast for
 * runners of low volume. The figures are policy.
 *
 * @param peak metres in the heaviest week
 */
function marathonExponent(peak: number, { paces }: HouseRules): number {
  const { littleRunning, enoughRunning, littleRunningExponent } = paces;
  if (enoughRunning <= littleRunning) return RIEGEL_EXPONENT;
  const short = (enoughRunning - peak) / (enoughRunning - littleRunning);
  const part = Math.min(1, Math.max(0, short));
  return RIEGEL_EXPONENT + part * (littleRunningExponent - RIEGEL_EXPONENT);
}

/** What is done about it, and whether anything is. */
export interface Caution {
  exponent: number;
  /** Seconds it adds to the marathon. */
  adds: number;
}

/**
 * Times beyond the half marathon made careful, where no effort was longer.
 *
 * @param peak metres in the heaviest week; undefined where it is not known
 */
export function withCaution(
  timeFor: TimeFor,
  efforts: readonly Effort[],
  peak: number | undefined,
  rules: HouseRules,
): { timeFor: TimeFor; caution: Caution | undefined } {
  const proven = efforts.some(({ distance }) => distance > HALF * 1.01);
  if (peak === undefined || proven) return { timeFor, caution: undefined };
  const exponent = marathonExponent(peak, rules);
  const careful: TimeFor = (distance) =>
    distance <= HALF
      ? timeFor(distance)
      : Math.max(timeFor(distance), timeFor(HALF) * (distance / HALF) ** exponent);
  const adds = careful(2 * HALF) - timeFor(2 * HALF);
  return { timeFor: careful, caution: adds > 0.5 ? { exponent, adds } : undefined };
}
