import { useDraggable, useDroppable } from '@dnd-kit/core';
import type { CheckedBlock } from '@nadir/core';
import { addDays, type CivilDate, unitName } from '@nadir/core/base';
import {
  dayWords,
  formatDuration,
  formatHours,
  formatPace,
  formatRaceDistance,
} from '@nadir/core/base/format';
import { dayText, writeDay } from '@nadir/core/edit/sheet';
import {
  copyOn,
  freeDay,
  lengthenDay,
  moveDay,
  moveRest,
  swapBack,
  swapForCross,
} from '@nadir/core/edit/week';
import { fixedDatesOf } from '@nadir/core/layout';
import { sheetDay } from '@nadir/core/present';
import type { RunPieces, ShownBlock } from '@nadir/core/present/figures';
import { crossWords } from '@nadir/core/rules';
import type { CSSProperties, KeyboardEvent } from 'react';
import { formatDayAndMonth, shortWeekday } from '../../components/dates.js';
import { useDaysOver } from '../../components/history.js';
import { StateMark } from '../../components/StateMark.js';
import { DayTower, type TowerTick, towerTop } from '../../drawing/DayTower.js';
import { weightOf } from '../../drawing/day-weight.js';
import { DayFigure } from '../../editor/DayFigure.js';
import { DoneText } from '../../diary/DoneText.js';
import type { DoneActs } from '../../diary/useDone.js';
import type { CycleDay } from './cycle-days.js';
import type { RunDay } from './useDayCommands.js';
import styles from './Week.module.css';
import * as wording from './wording.js';

const COARSE_STEPS = 5;

/** One day: what it is, how far, and what is done; the keys change it. */
export function DayColumn({
  each: { day, week, place },
  block,
  shown,
  runs,
  most,
  ticks,
  today,
  selected,
  lit,
  run,
  acts,
  onSelect,
}: {
  each: CycleDay;
  block: CheckedBlock;
  shown: ShownBlock;
  /** Its runs in pieces, and the metres at the top of the scale. */
  runs: readonly RunPieces[];
  most: number;
  ticks: readonly TowerTick[];
  today: CivilDate;
  selected: boolean;
  lit: boolean;
  run: RunDay;
  acts: DoneActs;
  onSelect: (date: CivilDate) => void;
}) {
  const { date, role, sessions, swap } = day;
  const { measure } = shown;
  const isToday = date === today;
  const { setNodeRef: takeRef, listeners, attributes, isDragging } = useDraggable({ id: date });
  const stays = useDaysOver().has(date);
  const { setNodeRef: placeRef, isOver } = useDroppable({ id: date, disabled: stays });
  const fixed = fixedDatesOf(block).has(date);
  const amount = shown.weeks[week.number - 1]?.days[place] ?? 0;
  const written = sheetDay(day, amount, shown);
  const figure = written.figure && `${written.figure} ${unitName(measure)}`;
  const isPlaced = role === 'race' || role === 'tune-up' || role === 'test';
  const isFixed = fixed || (role === 'long' && week.longRunRule === 'pin');

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
      d: () => acts.keepAsPlanned([day], dayWords(date)),
      Delete: () => fixed && run(freeDay(block, date)),
    };
  }

  const head = (
    <>
      <span>
        {shortWeekday(date)} {formatDayAndMonth(date)}
      </span>
      {isToday && (
        <span role="img" aria-label={wording.today}>
          ▲
        </span>
      )}
    </>
  );
  return (
    <article
      ref={placeRef}
      className={styles.day}
      data-weight={weightOf(day)}
      data-lit={lit}
      data-over={isOver}
      data-dragged={isDragging}
      aria-label={`${dayWords(date)}: ${written.role}${figure && `, ${figure}`}`}
      aria-current={selected}
      data-day={date}
      tabIndex={selected ? 0 : -1}
      onFocus={() => onSelect(date)}
      onClick={() => onSelect(date)}
      onKeyDown={onKeyDown}
    >
      {isPlaced || stays ? (
        <div className={styles.hold} data-today={isToday}>
          {head}
        </div>
      ) : (
        // The head of a day is the hold.
        <button
          type="button"
          className={styles.hold}
          data-today={isToday}
          ref={takeRef}
          {...listeners}
          {...attributes}
          aria-label={wording.move(dayWords(date))}
        >
          {head}
        </button>
      )}
      {/* It stands on its tower. */}
      <div
        className={styles.figure}
        data-figure={role === 'race' ? undefined : 'day'}
        style={{ '--top': towerTop(runs, most) } as CSSProperties}
      >
        {/* Beside the week, never counted in it. */}
        {role === 'race' && (
          <small>{formatRaceDistance(block.spec.race.distance, measure.unit)}</small>
        )}
        {role !== 'race' && (isPlaced || stays) && (written.figure || '–')}
        {!isPlaced && !stays && (
          <DayFigure
            label={wording.lengthOf(dayWords(date))}
            figure={written.figure || '–'}
            source={dayText(block.spec, day, amount, measure)}
            tabIndex={selected ? 0 : -1}
            onTake={(text) => run(writeDay(block, date, text, measure))}
          />
        )}{' '}
        {written.figure && <small>{unitName(measure)}</small>}
        {isFixed && <StateMark state="fixed" named />}
      </div>
      <div className={styles.tower}>
        <DayTower runs={runs} most={most} ticks={ticks} done={date < today} />
      </div>
      <div className={styles.words}>
        <b data-role="day" className={role === 'race' ? 'grave' : undefined}>
          {capital(written.role)}
        </b>
        <div className="muted">{day.time > 0 && wording.about(formatHours(day.time))}</div>
        {isPlaced && <PlacedWords block={block} date={date} role={role} />}
        <ul>
          {sessions.map(({ shorthand, kind }, index) => (
            <li key={index}>
              {index === 1 && kind === 'run' && <b>{wording.evening}</b>}
              {shorthand}
            </li>
          ))}
        </ul>
        {swap && (
          <span className="muted">{wording.instead(crossWords[swap.kind].title, swap.reason)}</span>
        )}
        {date <= today && <DoneText day={day} measure={measure} acts={acts} />}
      </div>
    </article>
  );
}

/** A race or test in words: its name, its goal, its pace. */
function PlacedWords({
  block: { spec },
  date,
  role,
}: {
  block: CheckedBlock;
  date: CivilDate;
  role: string;
}) {
  if (role !== 'race') {
    return <div>{spec.events.find(({ from }) => from === date)?.name}</div>;
  }
  const { name, distance, goalTime } = spec.race;
  return (
    <div>
      ⚑ {name}, {formatRaceDistance(distance, spec.athlete.unit)}
      {goalTime !== undefined &&
        wording.goal(
          formatDuration(goalTime),
          formatPace((goalTime / distance) * 1000, spec.athlete.unit),
        )}
    </div>
  );
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

function focusDay(date: CivilDate): void {
  // The day may only now have come to stand there.
  requestAnimationFrame(() => document.querySelector<HTMLElement>(`[data-day="${date}"]`)?.focus());
}
