import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { CheckedBlock } from '@nadir/core';
import { addDays, weekdaysFrom } from '@nadir/core/base';
import { daySpan, formatPercent } from '@nadir/core/base/format';
import {
  type GridCell,
  type Place,
  placeName,
  rotationGrid,
  setRotation,
  setTurn,
} from '@nadir/core/edit/week';
import { fixedDatesOf } from '@nadir/core/layout';
import { mainOf } from '@nadir/core/layout/block';
import type { PhaseKind, Progression } from '@nadir/core/spec/choices';
import { type DayRole, dayRoleWords } from '@nadir/core/spec/days';
import { useState } from 'react';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { useDaysOver } from '../../components/history.js';
import { useSay } from '../../components/messages.js';
import type { Commands } from '../../editor/useCommands.js';
import styles from './HardDays.module.css';
import { TurnField } from './TurnField.js';
import * as wording from './wording.js';

/** Hard days of a week, counted from its first. */
const HARD_DAYS = [1, 2, 3];

/** Weeks down, places with a hard day across: what takes turns at the head, each week's own under it. */
export function TurnsGrid({
  block,
  places,
  families,
  phases,
  now,
  commands,
}: {
  block: CheckedBlock;
  places: readonly Place[];
  families: readonly Progression[];
  /** What is set holds in them; in the whole block when undefined. */
  phases: PhaseKind[] | undefined;
  now: number | undefined;
  commands: Commands;
}) {
  const say = useSay();
  const [added, setAdded] = useState<readonly Place[]>([]);
  const { weekStartsOn } = block.spec;
  const order: Place[] = [...weekdaysFrom(weekStartsOn), ...HARD_DAYS];
  const columns = order.filter((place) => places.includes(place) || added.includes(place));
  const others = order.filter((place) => !columns.includes(place));
  const grid = rotationGrid(block, columns);
  const run = (command: Parameters<Commands['run']>[0]) => {
    const [issue] = commands.run(command);
    if (issue) say({ text: issue.message });
  };
  return (
    <section aria-labelledby="rotation">
      <div className={styles.heading}>
        <h2 id="rotation" className="display">
          {wording.rotation}
        </h2>
        {others.length > 0 && (
          <ChoiceAnswer
            label={wording.addADay}
            value=""
            choices={[
              ['', wording.addADay2],
              ...others.map((place) => [String(place), placeName(place)] as const),
            ]}
            onAnswer={(chosen) =>
              setAdded([...added, ...others.filter((place) => String(place) === chosen)])
            }
          />
        )}
      </div>
      <div className={styles.scroll}>
        <Table size="small" className={styles.grid}>
          <caption className="visually-hidden">{wording.sessionsOfEveryWeekInThePlaces}</caption>
          <TableHead>
            <TableRow>
              <TableCell scope="col">{wording.week}</TableCell>
              {columns.map((place) => (
                <TableCell key={place} scope="col">
                  <TurnField
                    key={`${place} ${phases?.join() ?? ''}`}
                    block={block}
                    place={place}
                    families={families}
                    phases={phases}
                    onTurn={(turn) => run(setRotation(block, place, turn, phases))}
                  />
                </TableCell>
              ))}
            </TableRow>
          </TableHead>
          <TableBody>
            {block.weeks.map((week, index) => (
              <TableRow key={week.number} data-now={now === week.number}>
                <TableCell component="th" scope="row">
                  <b>{week.number}</b>{' '}
                  <span className={styles.dates}>
                    {daySpan(week.start, addDays(week.start, week.length - 1))}
                  </span>
                  <i className={styles.phase}>
                    {week.recovery ? wording.recovery : phaseOf(block, week.number)}
                  </i>
                </TableCell>
                {columns.map((place) => {
                  const cell = grid[index]?.find((each) => each.place === place);
                  return (
                    <TableCell key={place}>
                      {cell && (
                        <Turn
                          block={block}
                          cell={cell}
                          week={week.number}
                          families={families}
                          onChoose={(family) =>
                            run(setTurn(block, { on: place, week: week.number }, family))
                          }
                        />
                      )}
                    </TableCell>
                  );
                })}
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </div>
    </section>
  );
}

/** What one week has in a place, and what it may have instead. */
function Turn({
  block,
  cell: { date, place, family, exposure, words, fitted, own },
  week,
  families,
  onChoose,
}: {
  block: CheckedBlock;
  cell: GridCell;
  week: number;
  families: readonly Progression[];
  onChoose: (family: Progression | undefined) => void;
}) {
  const over = useDaysOver().has(date);
  const day = block.weeks[week - 1]?.days.find((each) => each.date === date);
  if (!day) return null;
  const main = mainOf(day);
  const isWritten = fixedDatesOf(block).get(date)?.session !== undefined;
  if (!isWritten && !family && !own) {
    return <span className="muted">{roleWords(day.role)}</span>;
  }
  // What is over is what it was, whatever takes turns now.
  const laid = over ? main?.family?.name : family?.name;
  const name = isWritten ? wording.written : [laid ?? '–', exposure].filter(Boolean).join(' ');
  const session = words || (main?.shorthand ?? '');
  const part = fitted && !over ? wording.ofWhatWasWritten(formatPercent(fitted)) : '';
  const written = `${session}${part}`;
  if (over || isWritten) {
    return (
      <div className={styles.turn}>
        <span>{name}</span>
        <span className="small muted">{written}</span>
      </div>
    );
  }
  return (
    <div className={styles.turn} data-own={own}>
      <ChoiceAnswer
        label={wording.ofWeek(placeName(place), week)}
        value={own ? (family?.id ?? '') : ''}
        given={own}
        width="100%"
        choices={[
          ['', own ? wording.backToTheRotation : name],
          ...families.map(({ id, name }) => [id, name] as const),
        ]}
        onAnswer={(id) => onChoose(families.find((each) => each.id === id))}
      />
      <span className="small">{written}</span>
    </div>
  );
}

function roleWords(role: DayRole): string {
  return role === 'rest' ? '–' : dayRoleWords[role];
}

/** The phase of a week, by the name it has everywhere. */
function phaseOf({ phases }: CheckedBlock, week: number): string | undefined {
  return phases.findLast(({ firstWeek }) => firstWeek <= week)?.name;
}
