import { formatDuration, weeksText } from '../../base/format/index.js';
import type { Measure } from '../../base/index.js';
import type { CheckCode, Finding } from '../../checks/index.js';
import { apart, finelyApart, sharesApart } from './apart.js';

/** What a check measured and the limit it was held against, to be drawn on one scale. */
export interface Measured {
  value: number;
  limit: number;
  /** `84 km` and `69 km at most`. */
  words: string;
  limitWords: string;
}

type Quantity = 'share' | 'fine-share' | 'amount' | 'time' | 'weeks' | 'days';
type Sense = 'at most' | 'at least' | 'asked';

/** Checks whose value and limit are of one quantity; others count days or weeks. */
const SCALES: Partial<Readonly<Record<CheckCode, readonly [Quantity, Sense]>>> = {
  'growth-over-cap': ['share', 'at most'],
  'jump-after-recovery': ['share', 'at most'],
  'recovery-too-shallow': ['share', 'at least'],
  'taper-too-shallow': ['share', 'at least'],
  'taper-too-deep': ['share', 'at most'],
  'taper-run-days-dropped': ['share', 'at least'],
  'long-run-over-share': ['share', 'at most'],
  'goal-far-from-fitness': ['fine-share', 'at most'],
  'too-much-hard': ['share', 'at most'],
  'too-little-hard': ['share', 'at least'],
  'hard-running-jump': ['share', 'at most'],
  'race-rep-too-long': ['share', 'at most'],
  'under-18-week': ['amount', 'at most'],
  'not-feasible': ['amount', 'asked'],
  'start-above-held': ['amount', 'at most'],
  'volume-low-for-distance': ['amount', 'at least'],
  'week-over-wish': ['amount', 'asked'],
  'week-under-wish': ['amount', 'asked'],
  'long-run-grown-too-fast': ['amount', 'at most'],
  'long-run-held-down': ['amount', 'asked'],
  'semi-long-near-long': ['amount', 'at most'],
  'any-run-over-long-run': ['amount', 'at most'],
  'doubles-too-soon': ['amount', 'at least'],
  'run-too-short': ['amount', 'at least'],
  'long-run-over-time': ['time', 'at most'],
  'no-recovery-week': ['weeks', 'at most'],
  'light-weeks-together': ['weeks', 'at most'],
  'too-long-at-peak': ['weeks', 'at most'],
  'block-too-short': ['weeks', 'at least'],
  'block-too-long': ['weeks', 'at most'],
  'peak-near-race': ['weeks', 'at least'],
  'peak-far-from-race': ['weeks', 'at most'],
  'phase-too-short': ['weeks', 'at least'],
  'paces-stale': ['weeks', 'at most'],
  'test-missing': ['weeks', 'at most'],
  'long-run-near-race': ['days', 'at least'],
  'race-after-illness': ['days', 'at least'],
  'tune-up-near-race': ['days', 'at least'],
  'test-too-late': ['days', 'at least'],
  'taper-too-short': ['days', 'at least'],
  'taper-too-long': ['days', 'at most'],
};

/** The scale of a finding; undefined for what is counted, not measured. */
export function measuredOf(
  { check, value, limit }: Pick<Finding, 'check' | 'value' | 'limit'>,
  measure: Measure,
): Measured | undefined {
  const scale = SCALES[check];
  if (!scale) return undefined;
  const [quantity, sense] = scale;
  const said = saidApart({ value, limit }, quantity, measure);
  return {
    value,
    limit,
    words: said?.value ?? say(value, quantity),
    limitWords: `${said?.limit ?? say(limit, quantity)} ${sense}`,
  };
}

/** Amounts and shares are said so that they differ. */
function saidApart(
  found: Pick<Finding, 'value' | 'limit'>,
  quantity: Quantity,
  measure: Measure,
): { value: string; limit: string } | undefined {
  if (quantity === 'amount') return apart(found, measure);
  if (quantity === 'fine-share') return finelyApart(found);
  if (quantity !== 'share') return undefined;
  const { value, limit } = sharesApart(found);
  return { value: value.replace(/^-/, '−'), limit };
}

function say(figure: number, quantity: Quantity): string {
  switch (quantity) {
    case 'time':
      return formatDuration(figure);
    case 'weeks':
      return weeksText(figure);
    default:
      return `${Math.floor(figure)} ${figure === 1 ? quantity.slice(0, -1) : quantity}`;
  }
}
