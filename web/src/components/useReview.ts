import { rulesOf } from '@nadir/core/rules';
import { type Review, reviewBlock } from '@nadir/core/review';
import { showReview, type ShownReview } from '@nadir/core/present/review';
import { useMemo } from 'react';
import { useSignedIn } from '../api/session.js';
import { useRecord } from './record.js';
import type { LaidAndShown } from './useLaidBlock.js';

/** What was run of a block beside what was planned, and the figures it is shown in. */
export interface ReviewAndShown {
  review: Review;
  figures: ShownReview;
}

/** Lays what is recorded beside a block, whenever either changes. */
export function useReview({ block, shown }: LaidAndShown): ReviewAndShown {
  const { today } = useSignedIn();
  const { entries, mornings } = useRecord();
  return useMemo(() => {
    const rules = rulesOf(block.spec);
    const review = reviewBlock({ block, rules, today, entries, mornings });
    return { review, figures: showReview(review, shown) };
  }, [block, shown, today, entries, mornings]);
}

/** What was run of each week that is known day by day, in shown units: no day that is not known is drawn as a shortfall. */
export function runOfWeeks({ weeks }: ShownReview): ReadonlyMap<number, number> {
  return new Map(
    [...weeks].flatMap(([number, { run, unknown }]) =>
      run === undefined || unknown > 0 ? [] : [[number, run]],
    ),
  );
}
