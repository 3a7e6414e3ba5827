import type { WeekReview } from '@nadir/contract';
import { useRecord } from '../../components/record.js';

/** What is said of a week, and the one way to change it. */
export function useWeekReview(start: string): {
  review: WeekReview;
  change: (part: Partial<WeekReview>, words: string) => void;
} {
  const { reviews, change } = useRecord();
  const { revision = null, ...review } = reviews.find(({ date }) => date === start) ?? {
    date: start,
  };
  return {
    review,
    change: (part, words) =>
      void change({ reviews: [{ revision, review: { ...review, ...part } }] }, words),
  };
}
