import Button from '@mui/material/Button';
import { unitName } from '@nadir/core/base';
import { daySpan, differenceText, runText } from '@nadir/core/base/format';
import type { Phase } from '@nadir/core/layout/block';
import type { ShownBlock } from '@nadir/core/present/figures';
import type { ShownReview } from '@nadir/core/present/review';
import type { WeekReviewed } from '@nadir/core/review';
import { IconAct } from '../../components/IconAct.js';
import type { DoneActs } from '../../diary/useDone.js';
import { BackIcon, NextIcon } from '../../theme/icons.js';
import styles from './Diary.module.css';
import * as wording from './wording.js';

/** Which week is looked at, what it came to, and the whole of it recorded in one key. */
export function ReviewHead({
  week: { week, isOver },
  shown: { measure },
  figures,
  phases,
  acts,
  latest,
  onGo,
}: {
  week: WeekReviewed;
  shown: ShownBlock;
  figures: ShownReview;
  phases: readonly Phase[];
  acts: DoneActs;
  latest: number;
  onGo: (week: number) => void;
}) {
  const { number, start, days } = week;
  const { planned = 0, run, unknown = 0 } = figures.weeks.get(number) ?? {};
  const unit = unitName(measure);
  const phase = phases.findLast(({ firstWeek }) => firstWeek <= number);
  const last = days.at(-1)?.date ?? start;
  return (
    <header className={styles.head}>
      <h2 className="display">{wording.weekInReview(number)}</h2>
      <span className="muted">
        {daySpan(start, last)} · {phase?.name}
      </span>
      <span className={styles.figures}>
        <b>{runText(planned)}</b>
        {wording.plannedWithin(unit)}
        {run === undefined ? (
          <span className="muted">{wording.nothingRecorded}</span>
        ) : (
          <>
            <b>{runText(run)}</b>
            {wording.run(isOver ? '' : wording.soFar)}
            {isOver && unknown === 0 && <b>{differenceText(run, planned)}</b>}
            {unknown > 0 && <span className="muted">{wording.daysNotKnown(unknown)}</span>}
          </>
        )}
      </span>
      <span className={styles.acts}>
        <Button
          variant="outlined"
          onClick={() => acts.keepAsPlanned(days, wording.weekWithin(number))}
        >
          {wording.weekAsPlanned}
        </Button>
        <IconAct
          label={wording.theWeekBefore}
          keys="Page Up"
          icon={BackIcon}
          disabled={number === 1}
          onClick={() => onGo(number - 1)}
        />
        <IconAct
          label={wording.theWeekAfter}
          keys="Page Down"
          icon={NextIcon}
          disabled={number === latest}
          onClick={() => onGo(number + 1)}
        />
      </span>
    </header>
  );
}
