import {
  type Announcements,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  MouseSensor,
  TouchSensor,
  useDroppable,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import type { CheckedBlock } from '@nadir/core';
import { addDays, type CivilDate } from '@nadir/core/base';
import { dayWords } from '@nadir/core/base/format';
import { moveDay } from '@nadir/core/edit/week';
import { piecesOf, type ShownBlock } from '@nadir/core/present/figures';
import type { HouseRules } from '@nadir/core/rules';
import { cycleLength } from '@nadir/core/spec';
import { sessionPacesOf } from '@nadir/core/sessions';
import { type CSSProperties, type ReactNode, useMemo } from 'react';
import type { DoneActs } from '../../diary/useDone.js';
import type { Cycle } from './cycle-days.js';
import { DayColumn } from './DayColumn.js';
import { PaceLegend } from './PaceLegend.js';
import type { RunDay } from './useDayCommands.js';
import { ticksTo } from './tower-ticks.js';
import styles from './Week.module.css';
import * as wording from './wording.js';

/** Of the longest day: two runs stand a little apart. */
const HEADROOM = 1.04;

/** The days in columns; one dropped on another swaps with it, on an edge with the week beyond. */
export function DaysSideBySide({
  cycle,
  block,
  shown,
  rules,
  today,
  selected,
  lit,
  run,
  acts,
  onSelect,
}: {
  cycle: Cycle;
  block: CheckedBlock;
  shown: ShownBlock;
  rules: HouseRules;
  today: CivilDate;
  selected: CivilDate | undefined;
  lit: readonly string[];
  run: RunDay;
  acts: DoneActs;
  onSelect: (date: CivilDate) => void;
}) {
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 5 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 150, tolerance: 8 } }),
    useSensor(KeyboardSensor),
  );

  const runs = useMemo(
    () => cycle.days.map(({ day }) => piecesOf(day, sessionPacesOf(block.spec, rules, day.date))),
    [cycle, block.spec, rules],
  );
  const hatches = useMemo(
    () => new Set(runs.flat().flatMap(({ pieces }) => pieces.map(({ hatch }) => hatch))),
    [runs],
  );
  const most = Math.max(1, ...cycle.days.map(({ day }) => day.distance)) * HEADROOM;
  const ticks = useMemo(() => ticksTo(most, shown.measure), [most, shown.measure]);
  const unnamed = useMemo(() => ticks.map((tick) => ({ ...tick, label: undefined })), [ticks]);
  const length = cycleLength(block.spec);
  const round = length === 7 ? 'week' : 'cycle';
  const placeWords = (id: string) =>
    id === 'before' || id === 'after' ? wording.the(round, id) : dayWords(id);
  const announcements: Announcements = {
    onDragStart: ({ active }) => wording.pickedUp(dayWords(String(active.id))),
    onDragOver: ({ over }) =>
      over ? wording.over(placeWords(String(over.id))) : wording.overNothing,
    onDragEnd: ({ over }) => (over ? wording.putOn(placeWords(String(over.id))) : wording.putBack),
    onDragCancel: () => wording.putBack,
  };

  function onDragEnd({ active, over }: DragEndEvent) {
    if (!over || over.id === active.id) return;
    const from = String(active.id);
    const to = String(over.id);
    const beyond = to === 'before' ? -length : to === 'after' ? length : 0;
    const target = beyond === 0 ? to : addDays(from, beyond);
    if (run(moveDay(block, from, target))) onSelect(target);
  }

  return (
    <DndContext sensors={sensors} onDragEnd={onDragEnd} accessibility={{ announcements }}>
      <PaceLegend hatches={hatches} />
      <section
        aria-label={wording.days}
        className={styles.days}
        style={{ '--days': cycle.days.length } as CSSProperties}
      >
        <Edge id="before">{wording.theBefore(round)}</Edge>
        {cycle.days.map((each, index) => (
          <DayColumn
            key={each.day.date}
            each={each}
            block={block}
            shown={shown}
            runs={runs[index] ?? []}
            most={most}
            ticks={index === 0 ? ticks : unnamed}
            today={today}
            selected={each.day.date === selected}
            lit={lit.includes(each.day.date)}
            run={run}
            acts={acts}
            onSelect={onSelect}
          />
        ))}
        <Edge id="after">{wording.theAfter(round)}</Edge>
      </section>
    </DndContext>
  );
}

/** Where a day is dropped to go to the week beyond. */
function Edge({ id, children }: { id: 'before' | 'after'; children: ReactNode }) {
  const { setNodeRef, isOver } = useDroppable({ id });
  return (
    <div ref={setNodeRef} className={styles.edge} data-over={isOver} aria-hidden="true">
      <span>{children}</span>
    </div>
  );
}
