import type { ShownBlock } from '@nadir/core/present/figures';
import { Link } from 'react-router';
import { IconAct } from '../../components/IconAct.js';
import { BackIcon, NextIcon } from '../../theme/icons.js';
import { token } from '../../theme/tokens.js';
import type { Cycle } from './cycle-days.js';
import styles from './Week.module.css';
import * as wording from './wording.js';

const HEIGHT = 26;

/** Every week of the block as a small bar: the way from one to another. */
export function WeekStrip({
  id,
  cycles,
  chosen,
  shown,
  today,
  onGo,
}: {
  id: string;
  cycles: readonly Cycle[];
  chosen: Cycle;
  shown: ShownBlock;
  today: string;
  onGo: (by: 1 | -1) => void;
}) {
  const volumes = cycles.map(({ days }) =>
    days.reduce(
      (total, { week, place }) => total + (shown.weeks[week.number - 1]?.days[place] ?? 0),
      0,
    ),
  );
  const most = Math.max(1, ...volumes);
  return (
    <nav aria-label={wording.weeksOfTheBlock} className={styles.strip}>
      <span className={styles.turn}>
        <span className="small muted">{wording.weeks}</span>
        <IconAct
          label={wording.theWeekBefore}
          keys="Page Up"
          icon={BackIcon}
          disabled={chosen === cycles[0]}
          onClick={() => onGo(-1)}
        />
        <IconAct
          label={wording.theWeekAfter}
          keys="Page Down"
          icon={NextIcon}
          disabled={chosen === cycles.at(-1)}
          onClick={() => onGo(1)}
        />
      </span>
      <ol>
        {cycles.map((cycle, index) => {
          const height = ((volumes[index] ?? 0) / most) * HEIGHT;
          const isOver = (cycle.days.at(-1)?.day.date ?? '') < today;
          const isChosen = cycle === chosen;
          return (
            <li key={cycle.number}>
              <Link
                to={`/blocks/${id}/week/${cycle.number}`}
                aria-current={isChosen ? 'page' : undefined}
                aria-label={wording.week(cycle.number)}
              >
                <svg width={14} height={HEIGHT} aria-hidden="true">
                  <rect
                    x={1}
                    width={12}
                    y={HEIGHT - height}
                    height={height}
                    fill={token(isChosen ? 'ink' : isOver ? 'done' : 'paper')}
                    stroke={token('muted')}
                  />
                </svg>
                <br />
                {cycle.number}
              </Link>
            </li>
          );
        })}
      </ol>
    </nav>
  );
}
