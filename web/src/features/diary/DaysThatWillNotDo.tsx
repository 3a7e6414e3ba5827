import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { arrangeAround, type Arrangement } from '@nadir/core/edit/week';
import { firstOpenDay, type Review } from '@nadir/core/review';
import { dayRoleWords } from '@nadir/core/spec/days';
import { useMemo, useState } from 'react';
import { shortWeekday } from '../../components/dates.js';
import { Fold } from '../../components/Fold.js';
import { useSay } from '../../components/messages.js';
import type { Commands } from '../../editor/useCommands.js';
import styles from './Diary.module.css';
import * as wording from './wording.js';

/** Where this week’s runs find a place when some of its days will not do: the best three ways, drawn. */
export function DaysThatWillNotDo({ review, commands }: { review: Review; commands: Commands }) {
  const [blocked, setBlocked] = useState<readonly string[]>([]);
  const say = useSay();
  const open = useMemo(() => openDays(review), [review]);
  const arrangements = useMemo(() => arrangementsFor(review, blocked), [review, blocked]);
  if (open.length === 0) return null;

  function apply({ command }: Arrangement) {
    const problems = commands.run(command);
    setBlocked([]);
    say({
      text:
        problems.length > 0 ? problems.map(({ message }) => message).join(' ') : command.message,
    });
  }

  return (
    <Fold title={wording.daysOffNeededThisWeek} rank="h3">
      <ToggleButtonGroup
        aria-label={wording.daysOffNeeded}
        value={blocked}
        onChange={(_, dates: string[]) => setBlocked(dates)}
      >
        {open.map(({ date }) => (
          <ToggleButton key={date} value={date}>
            {shortWeekday(date)}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      {blocked.length > 0 && arrangements.length === 0 && (
        <p className="muted">{wording.nothingIsToBeRunOnThose}</p>
      )}
      {arrangements.map((arrangement) => (
        <article key={arrangement.words} className={styles.proposal}>
          <h4>{arrangement.words}</h4>
          <WeekOfRoles arrangement={arrangement} />
          <Button variant="outlined" onClick={() => apply(arrangement)}>
            {wording.apply}
          </Button>
        </article>
      ))}
    </Fold>
  );
}

/** The week that holds today. */
function weekOf({ block: { weeks }, today }: Review) {
  return weeks.find(({ days }) => days.some(({ date }) => date === today));
}

function openDays(review: Review) {
  const from = firstOpenDay(review);
  return weekOf(review)?.days.filter(({ date }) => date >= from) ?? [];
}

function arrangementsFor(review: Review, blocked: readonly string[]): Arrangement[] {
  const week = weekOf(review);
  if (!week || blocked.length === 0) return [];
  const days = { from: firstOpenDay(review), blocked: new Set(blocked) };
  return arrangeAround(review, week.number, days);
}

/** The open days of the week, each with what it would hold. */
function WeekOfRoles({ arrangement: { days } }: { arrangement: Arrangement }) {
  return (
    <ol className={styles.arranged}>
      {days.map(({ date, role }) => (
        <li key={date} data-demanding={role === 'long' || role === 'quality'}>
          {shortWeekday(date)}
          <br />
          {dayRoleWords[role]}
        </li>
      ))}
    </ol>
  );
}
