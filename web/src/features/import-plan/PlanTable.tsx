import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { type Weekday, weekdaysFrom } from '@nadir/core/base';
import { capital } from '@nadir/core/base/format';
import { type PlanColumn, planColumnWords } from '@nadir/core/edit/plan';
import type { UntakenCell } from '@nadir/core/edit/sheet';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import styles from './ImportPlan.module.css';
import type { ReadPlan } from './usePlan.js';
import * as wording from './wording.js';

/** Rows that are drawn; those beyond are read all the same. */
const MOST_DRAWN = 60;

/** The table as it is read, what each column is taken for at its head, and cells that could not be read marked. */
export function PlanTable({
  table,
  read: { shape, untaken },
  weekStartsOn,
  onChoose,
}: {
  table: readonly (readonly string[])[];
  read: ReadPlan;
  weekStartsOn: Weekday;
  onChoose: (column: number, holds: PlanColumn) => void;
}) {
  const unread = new Set(untaken.map(({ text }: UntakenCell) => text.trim()));
  const rows = table.slice(shape.head);
  const nameOf = (column: PlanColumn) => choices.find(([each]) => each === column)?.[1] ?? '';
  const choices = [
    ...weekdaysFrom(weekStartsOn).map((day) => [day, capital(day).slice(0, 3)] as const),
    ...(Object.entries(planColumnWords) as [keyof typeof planColumnWords, string][]),
  ];
  return (
    <div className={styles.scroll}>
      <Table size="small" className={styles.table}>
        <caption className="visually-hidden">{wording.theTableAsItIsRead}</caption>
        <TableHead>
          <TableRow>
            {shape.columns.map((column, index) => (
              <TableCell
                key={index}
                scope="col"
                style={{ minWidth: `calc(${nameOf(column).length}ch + 46px)` }}
              >
                <ChoiceAnswer<PlanColumn>
                  label={wording.columnHolds(index + 1)}
                  value={column}
                  given={column !== 'nothing'}
                  choices={choices}
                  onAnswer={(holds) => onChoose(index, holds)}
                />
              </TableCell>
            ))}
          </TableRow>
        </TableHead>
        <TableBody>
          {rows.slice(0, MOST_DRAWN).map((row, index) => (
            <TableRow key={index}>
              {shape.columns.map((column, place) => {
                const text = row[place] ?? '';
                const isUnread = column !== 'nothing' && unread.has(text.trim());
                return (
                  <TableCell key={place} data-unread={isUnread} data-aside={column === 'nothing'}>
                    {text}
                    {isUnread && <span className="visually-hidden">{wording.couldNotBeRead}</span>}
                  </TableCell>
                );
              })}
            </TableRow>
          ))}
        </TableBody>
      </Table>
      {rows.length > MOST_DRAWN && (
        <p className="small muted">{wording.andMoreRows(rows.length - MOST_DRAWN)}</p>
      )}
    </div>
  );
}
