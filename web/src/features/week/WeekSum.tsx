import { quantum, sum, unitName } from '@nadir/core/base';
import { formatPercent, formatSteps } from '@nadir/core/base/format';
import { dailyMean, type ShownBlock } from '@nadir/core/present';
import { plural } from '../../components/dates.js';
import type { Cycle } from './cycle-days.js';

/** What the days come to against what was wished of the week, and how much of it is hard. */
export function WeekSum({
  cycle,
  shown,
  whose,
}: {
  cycle: Cycle;
  shown: ShownBlock;
  /** On paper, where no strip stands over it. */
  whose: string;
}) {
  const { measure } = shown;
  const say = (steps: number) => `${formatSteps(steps, measure)} ${unitName(measure)}`;
  const weeks = [...new Set(cycle.days.map(({ week }) => week))];
  const [week] = weeks;
  if (!week) return null;
  const run = sum(
    cycle.days.map(({ week: { number }, place }) => shown.weeks[number - 1]?.days[place] ?? 0),
  );
  const whole = weeks.length === 1;
  // From the amounts themselves: shown figures are rounded so that they add up.
  const over = Math.round((week[measure.basis] - week.volume) / quantum(measure));
  const wished = run - over;
  const days = cycle.days.map(({ day }) => day);
  const distance = sum(days.map((day) => day.distance));
  const hard = sum(days.flatMap(({ sessions }) => sessions.map((each) => each.hardDistance)));
  const figures = shown.weeks[week.number - 1];
  const across = (figures?.equivalent ?? 0) - (figures?.volume ?? 0);
  return (
    <header className="week-sum">
      <span className="only-print display">{whose}</span>
      <h2 className="display">
        {whole
          ? `Week ${week.number}`
          : `${plural(cycle.days.length, 'day')} of weeks ${weeks.map(({ number }) => number).join(' and ')}`}
      </h2>
      <span>
        <b>{say(run)}</b>
        {whole &&
          (over === 0
            ? ', as wished'
            : `, ${say(Math.abs(over))} ${over > 0 ? 'more' : 'less'} than the ${say(wished)} wished`)}
      </span>
      {whole && week.runDays > 0 && (
        <span>
          {dailyMean(week, shown)} {unitName(measure)} a run day
        </span>
      )}
      <span>{formatPercent(distance > 0 ? hard / distance : 0)} of it hard</span>
      {whole && across > 0 && (
        <span>
          {say(run + across)} with cross-training, {say(run)} on the legs
        </span>
      )}
    </header>
  );
}
