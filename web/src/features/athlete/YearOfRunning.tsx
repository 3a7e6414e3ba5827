import { addDays, type Measure, shownUnit, unitName } from '@nadir/core/base';
import { dayAndMonth } from '@nadir/core/base/format';
import { weeksRun } from '@nadir/core/record';
import { scaleLinear } from 'd3-scale';
import { useRecordQuery } from '../../api/api.js';
import { useSignedIn } from '../../api/session.js';
import { token } from '../../theme/tokens.js';
import styles from './Athlete.module.css';
import * as wording from './wording.js';

const WEEKS = 52;
const SIZE = { width: 416, height: 96, foot: 16 };

/** The last year by weeks, as it was run: a week without a word is a gap, not a zero. */
export function YearOfRunning({ athleteId, measure }: { athleteId: string; measure: Measure }) {
  const { today, coach } = useSignedIn();
  const { data } = useRecordQuery({
    id: athleteId,
    from: addDays(today, -7 * (WEEKS + 1)),
    to: today,
  });
  const { weekStartsOn } = coach.settings;
  const weeks = weeksRun(data?.entries ?? [], WEEKS, { today, weekStartsOn, basis: measure.basis });
  const known = weeks.flatMap(({ amount }) => amount ?? []);
  if (known.length === 0) return null;
  const ground = SIZE.height - SIZE.foot;
  const most = Math.max(1, ...known);
  const y = scaleLinear([0, most], [ground, 14]);
  const step = SIZE.width / WEEKS;
  const figure = (amount: number) => Math.round(amount / shownUnit(measure));
  const unit = unitName(measure);
  return (
    <section className={styles.part} aria-label={wording.theLastYear}>
      <h2 className="display">{wording.theLastYear}</h2>
      <svg
        viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
        width="100%"
        role="img"
        aria-label={wording.runByWeeks(known.length, WEEKS, figure(most), unit)}
      >
        <text x={0} y={10} fontSize={11} fill={token('muted')}>
          {wording.atMostAWeek(figure(most), unit, known.length)}
        </text>
        {weeks.map(({ start, amount }, index) => (
          <g key={start}>
            {amount !== undefined && (
              <rect
                x={index * step}
                width={step - 1}
                y={y(amount)}
                height={ground - y(amount)}
                fill={token('done')}
                stroke={token('ink')}
                strokeWidth={0.5}
              />
            )}
            {Number(start.slice(8)) <= 7 && index < WEEKS - 2 && (
              <text x={index * step} y={SIZE.height - 3} fontSize={10} fill={token('muted')}>
                {dayAndMonth(start).split(' ')[1]}
              </text>
            )}
          </g>
        ))}
        <path d={`M0,${ground}H${SIZE.width}`} stroke={token('ink')} />
      </svg>
    </section>
  );
}
