import { formatPercent, formatSteps, formatHours } from '@nadir/core/base/format';
import { unitName } from '@nadir/core/base';
import { rulesOf } from '@nadir/core/rules';
import { sessionPacesOf } from '@nadir/core/sessions';
import { type CSSProperties, type ReactNode, memo } from 'react';
import { Link } from 'react-router';
import { useSignedIn } from '../../api/session.js';
import type { LaidAndShown } from '../../components/useLaidBlock.js';
import { type Columns, columnX } from '../../drawing/columns.js';
import type { Commands } from '../../editor/useCommands.js';
import { WeekDay } from './WeekDay.js';
import styles from './WeekDays.module.css';
import * as wording from './wording.js';

/** The seven days of the selected week under the Ledger, edited in place. */
export const WeekDays = memo(function WeekDays({
  block,
  shown,
  week: number,
  columns,
  commands,
  children,
}: LaidAndShown & {
  week: number;
  columns: Columns;
  commands: Commands;
  /** What can be done to the week. */
  children: ReactNode;
}) {
  const { today } = useSignedIn();
  const week = block.weeks[number - 1];
  const figures = shown.weeks[number - 1];
  if (!week || !figures) return null;
  const { measure } = shown;
  const rules = rulesOf(block.spec);
  const longest = Math.max(...week.days.map(({ distance }) => distance));
  const edges = {
    '--from': `${columnX(columns, number - 1)}px`,
    '--to': `${columnX(columns, number)}px`,
  } as CSSProperties;
  return (
    <section aria-label={wording.daysOfWeek(number)}>
      <div className={styles.rule} style={edges} />
      <div
        className={styles.days}
        style={{
          gridTemplateColumns: `${columns.labels - 8}px repeat(${week.days.length}, minmax(0, 1fr))`,
        }}
      >
        <div className={styles.head}>
          <h2>
            <Link to={`week/${week.start}`}>{wording.week3(number)}</Link>
          </h2>
          <p>
            {wording.runs(formatSteps(figures.volume, measure), unitName(measure), week.runDays)}
            <br />
            {wording.hard(formatPercent(week.distance > 0 ? week.hardDistance / week.distance : 0))}
            <br />
            {formatHours(week.time)}
          </p>
          {children}
        </div>
        {week.days.map((day, place) => (
          <WeekDay
            key={day.date}
            day={day}
            block={block}
            shown={shown}
            steps={figures.days[place] ?? 0}
            longest={longest}
            paces={sessionPacesOf(block.spec, rules, day.date)}
            today={today}
            commands={commands}
          />
        ))}
      </div>
    </section>
  );
});
