import Button from '@mui/material/Button';
import OutlinedInput from '@mui/material/OutlinedInput';
import { sentenceFor } from '@nadir/core/present/review';
import { isUnder18 } from '@nadir/core/spec';
import type { WeekReviewed } from '@nadir/core/review';
import { useState } from 'react';
import { useCopy } from '../../components/useCopy.js';
import type { LaidAndShown } from '../../components/useLaidBlock.js';
import type { ReviewAndShown } from '../../components/useReview.js';
import styles from './Diary.module.css';
import { useWeekReview } from './useWeekReview.js';
import * as wording from './wording.js';

/** One sentence that is proposed and edited; copied for a message, and kept with the week. */
export function ToAthlete({
  reviewed: { review, figures },
  week,
  base: { block, shown },
}: {
  reviewed: ReviewAndShown;
  week: WeekReviewed;
  base: LaidAndShown;
}) {
  const { review: kept, change } = useWeekReview(week.week.start);
  const proposed = sentenceFor(review, week, figures, shown);
  const [typed, setTyped] = useState<string>();
  const copy = useCopy();
  const words = typed ?? kept.words ?? proposed;
  const name = block.spec.athlete.name.split(' ')[0] || wording.theAthlete;

  return (
    <section aria-label={wording.to(name)}>
      <h2 className="display">{wording.to(name)}</h2>
      {isUnder18(block.spec) && block.spec.athlete.guardianConsent === undefined && (
        <p className={styles.caution}>{wording.under18}</p>
      )}
      <OutlinedInput
        multiline
        fullWidth
        value={words}
        slotProps={{ input: { 'aria-label': wording.to(name), maxLength: 2000 } }}
        onChange={({ target }) => setTyped(target.value)}
      />
      <div className={styles.acts}>
        <Button
          variant="contained"
          onClick={() => {
            change({ words, closed: true }, wording.keptTheReviewOfTheWeek);
            setTyped(undefined);
          }}
        >
          {kept.closed ? wording.keepAgain : wording.closeTheReview}
        </Button>
        <Button
          variant="outlined"
          onClick={() => void copy(words, wording.copiedPasteItIntoAMessage)}
        >
          {wording.copy}
        </Button>
        {words !== proposed && (
          <Button onClick={() => setTyped(proposed)}>{wording.asProposed}</Button>
        )}
      </div>
    </section>
  );
}
