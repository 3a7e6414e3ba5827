import type { CheckedBlock } from '@nadir/core';
import { unitName } from '@nadir/core/base';
import { formatHours, formatRaceDistance, formatSteps } from '@nadir/core/base/format';
import { dayText, writeDay } from '@nadir/core/edit/sheet';
import { type CommandOrNot, setDayRole } from '@nadir/core/edit/week';
import { fixedDatesOf } from '@nadir/core/layout';
import type { Day } from '@nadir/core/layout/block';
import { piecesOf, type ShownBlock } from '@nadir/core/present/figures';
import type { SessionPaces } from '@nadir/core/sessions';
import { dayRoleWords, patternRoles } from '@nadir/core/spec/days';
import { useMemo } from 'react';
import { ActMenu } from '../../components/ActMenu.js';
import { formatDayAndMonth, shortWeekday } from '../../components/dates.js';
import { useDaysOver } from '../../components/history.js';
import { useSay } from '../../components/messages.js';
import { StateMark } from '../../components/StateMark.js';
import { DayBar } from '../../drawing/DayBar.js';
import { weightOf } from '../../drawing/day-weight.js';
import { DayFigure } from '../../editor/DayFigure.js';
import type { Commands } from '../../editor/useCommands.js';
import styles from './WeekDays.module.css';
import * as wording from './wording.js';

/** One day of the selected week: its role, its length, what is run, to scale. */
export function WeekDay({
  day,
  block,
  shown: { measure },
  steps,
  longest,
  paces,
  today,
  commands,
}: {
  day: Day;
  block: CheckedBlock;
  shown: ShownBlock;
  /** Its running in whole shown steps. */
  steps: number;
  /** Metres of the longest day beside it. */
  longest: number;
  paces: SessionPaces;
  today: string;
  commands: Commands;
}) {
  const { date, role, time, sessions } = day;
  const say = useSay();
  const isOver = useDaysOver().has(date);
  const runs = useMemo(() => piecesOf(day, paces), [day, paces]);
  const weight = weightOf(day);
  const isPlaced = weight === 'race' || role === 'test';
  const { race, athlete } = block.spec;
  const isFixed =
    fixedDatesOf(block).get(date)?.amount !== undefined ||
    (role === 'long' &&
      block.weeks.some((week) => week.days.includes(day) && week.longRunRule === 'pin'));

  function run(command: CommandOrNot) {
    const problem = typeof command === 'string' ? command : commands.run(command)[0]?.message;
    if (problem) say({ text: problem });
  }

  const words = dayRoleWords[role];
  return (
    <div className={styles.day} data-weight={weight}>
      <div className={styles.date} data-today={date === today}>
        <span>
          {shortWeekday(date)} {formatDayAndMonth(date)}
        </span>
        {date === today && (
          <span role="img" aria-label={wording.today}>
            ▲
          </span>
        )}
      </div>
      {isPlaced || isOver ? (
        <div className={styles.placed}>
          <b className={weight === 'race' ? 'grave' : undefined}>{capital(words)}</b>
        </div>
      ) : (
        <div className={styles.role}>
          <ActMenu
            label={capital(words)}
            groups={[
              {
                acts: patternRoles.map((each) => ({
                  label: capital(dayRoleWords[each]),
                  run: () => run(setDayRole(block, date, each)),
                })),
              },
            ]}
          />
        </div>
      )}
      <div className={styles.figures}>
        {steps > 0 && (
          <span className={styles.figure} data-figure>
            {isPlaced || isOver ? (
              formatSteps(steps, measure)
            ) : (
              <DayFigure
                label={`${shortWeekday(date)} ${formatDayAndMonth(date)}, ${unitName(measure)}`}
                figure={formatSteps(steps, measure)}
                source={dayText(block.spec, day, steps, measure)}
                onTake={(text) => run(writeDay(block, date, text, measure))}
              />
            )}
          </span>
        )}
        {steps > 0 && (
          <span className={isFixed ? `muted ${styles.spare ?? ''}` : 'muted'}>
            {unitName(measure)}
          </span>
        )}
        {isFixed && <StateMark state="fixed" named />}
        <span className={styles.time}>
          {role === 'race'
            ? formatRaceDistance(race.distance, athlete.unit)
            : time > 0 && formatHours(time)}
        </span>
      </div>
      {runs.length > 0 && <DayBar runs={runs} longest={longest} done={date < today} />}
      <ul className={styles.sessions}>
        {sessions.map(({ shorthand }, index) => (
          <li key={index}>{shorthand}</li>
        ))}
      </ul>
    </div>
  );
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
