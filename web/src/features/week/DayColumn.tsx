import { useDraggable, useDroppable } from '@dnd-kit/core';
import type { CheckedBlock } from '@nadir/core';
import { addDays, type CivilDate, unitName } from '@nadir/core/base';
import { dayWords, formatDuration } from '@nadir/core/base/format';
import {
  copyOn,
  freeDay,
  lengthenDay,
  moveDay,
  moveRest,
  swapBack,
  swapForCross,
} from '@nadir/core/edit/week';
import { type ShownBlock, sheetDay, whyDay } from '@nadir/core/present';
import { crossWords, type HouseRules } from '@nadir/core/rules';
import { fixedDayOf } from '@nadir/core/spec/days';
import type { KeyboardEvent } from 'react';
import { formatDayAndMonth, shortWeekday } from '../../components/dates.js';
import { useDaysOver } from '../../components/history.js';
import type { CycleDay } from './cycle-days.js';
import type { RunDay } from './useDayCommands.js';

const COARSE_STEPS = 5;

/** One day: what it is, how far, and what is done; the keys change it. */
export function DayColumn({
  each: { day, week, place },
  block,
  shown,
  rules,
  isToday,
  selected,
  lit,
  run,
  onSelect,
}: {
  each: CycleDay;
  block: CheckedBlock;
  shown: ShownBlock;
  rules: HouseRules;
  isToday: boolean;
  selected: boolean;
  lit: boolean;
  run: RunDay;
  onSelect: (date: CivilDate) => void;
}) {
  const { date, role, sessions, swap } = day;
  const { measure } = shown;
  const { setNodeRef: takeRef, listeners, attributes, isDragging } = useDraggable({ id: date });
  const stays = useDaysOver().has(date);
  const { setNodeRef: placeRef, isOver } = useDroppable({ id: date, disabled: stays });
  const fixed = block.spec.days.some((wish) => wish.date === date);
  const amount = shown.weeks[week.number - 1]?.days[place] ?? 0;
  const written = sheetDay(day, amount, shown);
  const figure = written.figure && `${written.figure} ${unitName(measure)}`;
  const isPlaced = role === 'race' || role === 'tune-up' || role === 'test';
  const hard = role === 'quality' || role === 'long' || isPlaced;
  const classes = ['day-column', hard && 'hard', lit && 'lit', isOver && 'over']
    .filter(Boolean)
    .join(' ');

  function onKeyDown(event: KeyboardEvent<HTMLElement>) {
    if (event.target !== event.currentTarget || event.ctrlKey || event.metaKey || event.altKey) {
      return;
    }
    const action = actions()[event.shiftKey ? `Shift ${event.key}` : event.key];
    if (!action) return;
    event.preventDefault();
    action();
  }

  function actions(): Readonly<Record<string, () => void>> {
    const longer = (steps: number) =>
      run(lengthenDay(block, date, { shown: amount, by: steps }, measure));
    const across = (kind: 'pool' | 'bike') =>
      run(swap ? swapBack(block, date) : swapForCross(block, date, kind, 'soreness'));
    const beside = (by: number) => {
      const to = addDays(date, by);
      if (run(moveDay(block, date, to))) focusDay(to);
    };
    return {
      ArrowUp: () => longer(1),
      ArrowDown: () => longer(-1),
      'Shift ArrowUp': () => longer(COARSE_STEPS),
      'Shift ArrowDown': () => longer(-COARSE_STEPS),
      ArrowLeft: () => focusDay(addDays(date, -1)),
      ArrowRight: () => focusDay(addDays(date, 1)),
      'Shift ArrowLeft': () => beside(-1),
      'Shift ArrowRight': () => beside(1),
      p: () => across('pool'),
      b: () => across('bike'),
      r: () => run(moveRest(block, date)),
      c: () => run(copyOn(block, date)),
      Delete: () => fixed && run(freeDay(block, date)),
    };
  }

  return (
    <article
      ref={placeRef}
      className={classes}
      style={isDragging ? { opacity: 0.55 } : undefined}
      aria-label={`${dayWords(date)}: ${written.role}${figure && `, ${figure}`}`}
      aria-current={selected}
      data-day={date}
      tabIndex={selected ? 0 : -1}
      onFocus={() => onSelect(date)}
      onClick={() => onSelect(date)}
      onKeyDown={onKeyDown}
    >
      <div className="day-head">
        <span>
          {isToday && <span className="only-screen">today</span>}
          <span className={isToday ? 'only-print' : undefined}>{shortWeekday(date)}</span>{' '}
          {formatDayAndMonth(date)}
        </span>
        {!isPlaced && !stays && (
          <button
            type="button"
            className="grip"
            ref={takeRef}
            {...listeners}
            {...attributes}
            aria-label={`Move ${dayWords(date)}`}
          >
            <svg width="8" height="12" aria-hidden="true" fill="currentColor">
              {[2, 6, 10].flatMap((y) =>
                [2, 6].map((x) => <circle key={`${x} ${y}`} cx={x} cy={y} r={1.2} />),
              )}
            </svg>
          </button>
        )}
      </div>
      <div className="day-role">{written.role}</div>
      <div className="day-figure" title={whyDay(week, day, shown, rules)}>
        {figure || '–'}
      </div>
      <ul>
        {sessions.map(({ shorthand, time, kind }, index) => (
          <li key={index} className={kind}>
            {index === 1 && kind === 'run' && <b>evening </b>}
            {shorthand}
            {kind === 'run' && <span> {minutes(time)}</span>}
          </li>
        ))}
      </ul>
      {swap && (
        <p>
          {crossWords[swap.kind].title} instead: {swap.reason}
        </p>
      )}
      {fixed && <p className="fixed">fixed by you{isPinned(block, date) ? ', pinned' : ''}</p>}
    </article>
  );
}

function isPinned({ spec }: CheckedBlock, date: CivilDate): boolean {
  return fixedDayOf(spec.days, date).amount !== undefined;
}

function focusDay(date: CivilDate): void {
  // The day may only now have come to stand there.
  requestAnimationFrame(() => document.querySelector<HTMLElement>(`[data-day="${date}"]`)?.focus());
}

function minutes(seconds: number): string {
  const words = formatDuration(60 * Math.round(seconds / 60)).replace(/:00$/, '');
  return `about ${words} ${seconds < 3570 ? 'min' : 'h'}`;
}
