import type { KeptReview, WeekReview } from '@nadir/contract';
import { useRecord } from '../../components/record.js';

/** What is said of a week, and the one way to change it. */
export function useWeekReview(start: string): {
  review: WeekReview;
  change: (part: Partial<WeekReview>, words: string) => void;
} {
  const { reviews, change } = useRecord();
  const { revision: _, ...review } = reviewOf(reviews, start);
  return {
    review,
    change: (part, words) =>
      change((kept) => {
        const { revision = null, ...old } = reviewOf(kept.reviews, start);
        return { reviews: [{ revision, review: { ...old, ...part } }] };
      }, words),
  };
}

function reviewOf(
  reviews: readonly KeptReview[],
  start: string,
): WeekReview & { revision?: number } {
  return reviews.find(({ date }) => date === start) ?? { date: start };
}
