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
  const name = block.spec.athlete.name.split(' ')[0] || 'the athlete';

  return (
    <section aria-label={`To ${name}`}>
      <h2 className="display">To {name}</h2>
      {isUnder18(block.spec) && block.spec.athlete.guardianConsent === undefined && (
        <p className={styles.caution}>
          Under 18, and no guardian’s consent is noted. Note it in the athlete’s record, and write
          to the guardian too.
        </p>
      )}
      <OutlinedInput
        multiline
        fullWidth
        value={words}
        slotProps={{ input: { 'aria-label': `To ${name}`, maxLength: 2000 } }}
        onChange={({ target }) => setTyped(target.value)}
      />
      <div className={styles.acts}>
        <Button
          variant="contained"
          onClick={() => {
            change({ words, closed: true }, 'Kept the review of the week.');
            setTyped(undefined);
          }}
        >
          {kept.closed ? 'Keep again' : 'Close the review'}
        </Button>
        <Button
          variant="outlined"
          onClick={() => void copy(words, 'Copied. Paste it into a message.')}
        >
          Copy
        </Button>
        {words !== proposed && <Button onClick={() => setTyped(proposed)}>As proposed</Button>}
      </div>
    </section>
  );
}
