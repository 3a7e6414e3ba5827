import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import TableSortLabel from '@mui/material/TableSortLabel';
import useMediaQuery from '@mui/material/useMediaQuery';
import { Suspense, useMemo } from 'react';
import { later } from '../../components/later.js';
import { useSignedIn } from '../../api/session.js';
import { LevelMark } from '../../components/LevelMark.js';
import { PHONE } from '../../components/phone.js';
import { calendarOf } from '../../drawing/calendar.js';
import { DayMarks } from '../../drawing/DayMarks.js';
import { AthleteRow } from './AthleteRow.js';
import styles from './Squad.module.css';
import { type SquadAthlete, type SquadOrder, squadOrders } from './squad-order.js';
import * as wording from './wording.js';

/** Marks of days that the legend explains. */
const KEY = ['run', 'instead', 'missed', 'rest', 'unknown'] as const;

/** Px of the calendar, and where a page has room for a wider one or less. */
const CALENDAR_WIDTH = { narrow: 240, usual: 360, wide: 600 } as const;
const WIDE = '(min-width: 1700px)';
const NARROW = '(max-width: 960px)';

const OrderChoice = later(async () => (await import('./OrderChoice.js')).OrderChoice);

/** The squad on one calendar, in the order that is asked for. */
export function SquadTable({
  athletes,
  everyone,
  order,
  onOrder,
}: {
  /** Those that are shown, in order. */
  athletes: readonly SquadAthlete[];
  /** All of them: the calendar stands still while some are looked for. */
  everyone: readonly SquadAthlete[];
  order: SquadOrder;
  onOrder: (order: SquadOrder) => void;
}) {
  const { today } = useSignedIn();
  const isWide = useMediaQuery(WIDE);
  const isNarrow = useMediaQuery(NARROW);
  const isPhone = useMediaQuery(PHONE);
  const width = isWide ? 'wide' : isNarrow ? 'narrow' : 'usual';
  const calendar = useMemo(
    () =>
      calendarOf(
        everyone.flatMap(({ block }) =>
          block ? [{ from: block.glance.start, to: block.glance.race.date }] : [],
        ),
        CALENDAR_WIDTH[width],
      ),
    [everyone, width],
  );
  const sorted = (by: SquadOrder) => (
    <TableSortLabel active={order === by} hideSortIcon={order !== by} onClick={() => onOrder(by)}>
      {squadOrders[by]}
    </TableSortLabel>
  );
  const direction = (by: SquadOrder) => (order === by ? 'asc' : false);
  return (
    <>
      {isPhone && (
        <Suspense fallback={null}>
          <OrderChoice order={order} onOrder={onOrder} />
        </Suspense>
      )}
      <Table className={styles.table}>
        <TableHead>
          <TableRow>
            <TableCell sortDirection={direction('name')}>{sorted('name')}</TableCell>
            <TableCell sortDirection={direction('look')}>{sorted('look')}</TableCell>
            <TableCell sortDirection={direction('race')}>
              {sorted('race')}
              {calendar && (
                <div className={styles.axis} aria-hidden="true">
                  {calendar.months.map(({ x, name }) => (
                    <span key={x} style={{ left: x }}>
                      {name}
                    </span>
                  ))}
                  {today >= calendar.from && today <= calendar.to && (
                    <span data-today="true" style={{ left: calendar.x(today) }}>
                      {wording.today}
                    </span>
                  )}
                </div>
              )}
            </TableCell>
            <TableCell>{wording.thisWeek}</TableCell>
            <TableCell>{wording.last14Days}</TableCell>
            <TableCell>{wording.nextKeyDay}</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {athletes.map((athlete) => (
            <AthleteRow key={athlete.id} athlete={athlete} calendar={calendar} />
          ))}
        </TableBody>
      </Table>
      <p className={`small muted ${styles.legend ?? ''}`}>
        <span>
          <LevelMark level="stop" />
          {wording.stop}
        </span>
        <span>
          <LevelMark level="caution" />
          {wording.caution}
        </span>
        <span>
          <LevelMark level="note" />
          {wording.note}
        </span>
        {KEY.map((state) => (
          <span key={state}>
            <DayMarks days={[state]} />
            {wording.dayStates[state]}
          </span>
        ))}
        <span>{wording.darkerWeeksDoneHeightsToEachAthletes}</span>
      </p>
    </>
  );
}
