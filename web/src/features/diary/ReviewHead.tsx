import Button from '@mui/material/Button';
import { unitName } from '@nadir/core/base';
import { dayAndMonth } from '@nadir/core/base/format';
import type { Phase } from '@nadir/core/layout';
import type { ShownBlock } from '@nadir/core/present';
import { differenceText, runText, type ShownReview } from '@nadir/core/present/review';
import type { WeekReviewed } from '@nadir/core/review';
import { plural } from '../../components/dates.js';
import { IconAct } from '../../components/IconAct.js';
import type { DoneActs } from '../../diary/useDone.js';
import { BackIcon, NextIcon } from '../../theme/icons.js';
import styles from './Diary.module.css';

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
      <h2 className="display">Week {number} in review</h2>
      <span className="muted">
        {dayAndMonth(start)} – {dayAndMonth(last)} · {phase?.name}
      </span>
      <span className={styles.figures}>
        <b>{runText(planned)}</b> {unit} planned{' '}
        {run === undefined ? (
          <span className="muted">nothing recorded</span>
        ) : (
          <>
            <b>{runText(run)}</b> run{isOver ? '' : ' so far'}{' '}
            {isOver && unknown === 0 && <b>{differenceText(run, planned)}</b>}
            {unknown > 0 && <span className="muted">{plural(unknown, 'day')} not known</span>}
          </>
        )}
      </span>
      <span className={styles.acts}>
        <Button variant="outlined" onClick={() => acts.keepAsPlanned(days, `week ${number}`)}>
          Week as planned
        </Button>
        <IconAct
          label="The week before"
          keys="Page Up"
          icon={BackIcon}
          disabled={number === 1}
          onClick={() => onGo(number - 1)}
        />
        <IconAct
          label="The week after"
          keys="Page Down"
          icon={NextIcon}
          disabled={number === latest}
          onClick={() => onGo(number + 1)}
        />
      </span>
    </header>
  );
}
