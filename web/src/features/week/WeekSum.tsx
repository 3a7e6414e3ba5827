import { quantum, sum, unitName } from '@nadir/core/base';
import { dayWords, formatHours, formatSteps, plural } from '@nadir/core/base/format';
import { dailyMean, type ShownBlock } from '@nadir/core/present/figures';
import type { ReactNode } from 'react';
import type { Cycle } from './cycle-days.js';
import styles from './Week.module.css';
import * as wording from './wording.js';

/** What the days come to against what the week is to hold, and how much of it is hard. */
export function WeekSum({
  cycle,
  shown,
  phase,
  children,
}: {
  cycle: Cycle;
  shown: ShownBlock;
  /** Its name. */
  phase: string | undefined;
  children?: ReactNode;
}) {
  const { measure } = shown;
  const unit = unitName(measure);
  const say = (steps: number) => `${formatSteps(steps, measure)} ${unit}`;
  const weeks = [...new Set(cycle.days.map(({ week }) => week))];
  const [week] = weeks;
  if (!week) return null;
  const run = sum(
    cycle.days.map(({ week: { number }, place }) => shown.weeks[number - 1]?.days[place] ?? 0),
  );
  const whole = weeks.length === 1;
  // From the amounts themselves: shown figures are rounded so that they add up.
  const over = Math.round((week[measure.basis] - week.volume) / quantum(measure));
  const days = cycle.days.map(({ day }) => day);
  const distance = sum(days.map((day) => day.distance));
  const hard = sum(days.flatMap(({ sessions }) => sessions.map((each) => each.hardDistance)));
  const figures = shown.weeks[week.number - 1];
  const across = (figures?.equivalent ?? 0) - (figures?.volume ?? 0);
  const planned =
    over === 0
      ? wording.asPlanned
      : wording.thanPlanned(
          say(Math.abs(over)),
          over > 0 ? wording.more : wording.less,
          say(run - over),
        );
  const dates = [days[0], days.at(-1)].map((day) => dayWords(day?.date ?? '')).join(' to ');
  return (
    <header className={styles.sum}>
      <div>
        <h2>
          {whole
            ? wording.week(week.number)
            : wording.daysOfWeeks(
                cycle.days.length,
                weeks.map(({ number }) => number).join(' and '),
              )}
        </h2>
        <span className="small muted">
          {dates}
          {phase && `, ${phase}`}
        </span>
      </div>
      <dl>
        <Figure
          figure={formatSteps(run, measure)}
          unit={unit}
          what={
            whole ? planned : plural(days.filter((day) => day.distance > 0).length, wording.runDay)
          }
          name="week-volume"
        />
        {whole && week.runDays > 0 && (
          <Figure
            figure={dailyMean(week, shown)}
            unit={unit}
            what={wording.perRunDayOfThem(week.runDays)}
          />
        )}
        <Figure
          figure={String(Math.round(100 * (distance > 0 ? hard / distance : 0)))}
          unit="%"
          what={wording.hard}
        />
        <Figure
          figure={formatHours(sum(days.map(({ time }) => time)))}
          unit=""
          what={wording.inAll}
        />
        {whole && across > 0 && (
          <Figure
            figure={formatSteps(run + across, measure)}
            unit={unit}
            what={wording.withCrossTrainingOnThe(say(run))}
          />
        )}
      </dl>
      {children}
    </header>
  );
}

function Figure({
  figure,
  unit,
  what,
  name,
}: {
  figure: string;
  unit: string;
  what: string;
  name?: string;
}) {
  return (
    <div data-figure={name}>
      <dt>{what}</dt>
      <dd>
        {figure}
        {unit !== '%' && ' '}
        <small>{unit}</small>
      </dd>
    </div>
  );
}
