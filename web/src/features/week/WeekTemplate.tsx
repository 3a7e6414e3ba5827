import Tooltip from '@mui/material/Tooltip';
import { type CheckedBlock, layOut } from '@nadir/core';
import type { CivilDate } from '@nadir/core/base';
import { unitName } from '@nadir/core/base';
import { formatSteps } from '@nadir/core/base/format';
import { applyChange } from '@nadir/core/edit';
import {
  choosePattern,
  patternDays,
  type WeekPatternName,
  weekPatterns,
} from '@nadir/core/edit/week';
import { showBlock, type ShownBlock } from '@nadir/core/present/figures';
import type { PhaseKind } from '@nadir/core/spec/choices';
import { isRun } from '@nadir/core/spec/days';
import { useCallback, useMemo } from 'react';
import { shortWeekday } from '../../components/dates.js';
import type { PastOfBlock } from '../../components/useLaidBlock.js';
import { useWhenIdle } from '../../components/useWhenIdle.js';
import { weightOf } from '../../drawing/day-weight.js';
import type { Commands } from '../../editor/useCommands.js';
import { useShownWhilePointedAt } from '../../editor/useShownWhilePointedAt.js';
import { token } from '../../theme/tokens.js';
import { cycleOn, cyclesOf } from './cycle-days.js';
import styles from './Week.module.css';
import * as wording from './wording.js';

const WIDTH = 112;
const HEIGHT = 40;

/** A week template, and what its days would be around the first day in view. */
export function WeekTemplate({
  name,
  block,
  shown: { measure },
  from,
  phase,
  past,
  commands,
}: {
  name: WeekPatternName;
  block: CheckedBlock;
  shown: ShownBlock;
  from: CivilDate;
  phase: PhaseKind | undefined;
  /** What the days to come are laid out on. */
  past: PastOfBlock;
  commands: Commands;
}) {
  const { title, why, days: asked } = weekPatterns[name];
  const command = useMemo(() => choosePattern(block, name, phase), [block, name, phase]);
  const inUse =
    JSON.stringify(block.spec.week.days) === JSON.stringify(patternDays(name, block.spec));
  const pointedAt = useShownWhilePointedAt(commands, () => command);
  // Laid out once, and when nothing else is to be done: no key stroke waits for it.
  const days = useWhenIdle(
    useCallback(() => {
      // A week that has begun shows the template whole: its days that are over would hide it.
      const on = from < past.asOf ? {} : past;
      const tried = layOut(applyChange(block.spec, command.change), { ...on, shown: measure });
      const cycle = cycleOn(cyclesOf(tried, weekPatterns[name].days.length), from);
      const figures = showBlock(tried, measure).weeks;
      return (cycle?.days ?? []).map(({ day, week, place }) => ({
        date: day.date,
        steps: figures[week.number - 1]?.days[place] ?? 0,
        weight: weightOf(day),
      }));
    }, [block, command, past, measure, name, from]),
  );
  const said = days?.map(({ steps }) => (steps > 0 ? formatSteps(steps, measure) : '–')).join(' ');
  const runs = days?.filter(({ steps }) => steps > 0).length;
  const named = asked.filter(({ role }) => isRun(role)).length;
  const most = Math.max(1, ...(days ?? []).map(({ steps }) => steps));
  const width = WIDTH / Math.max(7, days?.length ?? 7);
  return (
    <Tooltip title={why}>
      <button
        type="button"
        className={styles.pattern}
        aria-pressed={inUse}
        aria-label={`${title}: ${said ?? ''} ${unitName(measure)}`}
        {...pointedAt}
        onClick={() => commands.run(command)}
      >
        <b>{title}</b>
        <svg
          width={WIDTH}
          height={HEIGHT + 16}
          aria-hidden="true"
          fontSize="12.5"
          fill={token('muted')}
        >
          {days?.map(({ date, steps, weight }, index) => {
            const height = (steps / most) * (HEIGHT - 4);
            const x = index * width;
            return (
              <g key={date}>
                <rect
                  x={x + 2}
                  y={HEIGHT - height}
                  width={width - 4}
                  height={height}
                  fill={token('toCome')}
                  stroke={token('muted')}
                  strokeWidth={steps > 0 ? 0.75 : 0}
                />
                {weight !== 'easy' && steps > 0 && (
                  <rect
                    x={x + 2}
                    y={HEIGHT - height - 1}
                    width={width - 4}
                    height={weight === 'long' ? 5 : 3}
                    fill={token('ink')}
                  />
                )}
                <text x={x + width / 2} y={HEIGHT + 14} textAnchor="middle">
                  {shortWeekday(date).charAt(0)}
                </text>
              </g>
            );
          })}
          <line x1={0} x2={WIDTH} y1={HEIGHT + 0.5} y2={HEIGHT + 0.5} stroke={token('ink')} />
        </svg>
        <span className="muted">
          {inUse ? wording.inUse : runs === undefined ? ' ' : wording.runsThatFit(runs, named)}
        </span>
      </button>
    </Tooltip>
  );
}
