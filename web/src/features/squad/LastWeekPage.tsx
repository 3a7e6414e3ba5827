import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import TableSortLabel from '@mui/material/TableSortLabel';
import { unitName } from '@nadir/core/base';
import { differenceText } from '@nadir/core/base/format';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { useGlancesQuery } from '../../api/api.js';
import { errorSentence } from '../../api/call-error.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { TitleBlock } from '../../components/TitleBlock.js';
import styles from './Squad.module.css';
import type { SquadAthlete } from './squad-order.js';
import * as wording from './wording.js';

/** The last whole week of everyone, planned against run: the squad’s weekly review. */
export function LastWeekPage() {
  const { data, error, isLoading, refetch } = useGlancesQuery(undefined, {
    refetchOnMountOrArgChange: true,
  });
  const [by, setBy] = useState<Order>('difference');
  useEffect(() => {
    document.title = wording.lastWeekNadir;
  }, []);
  const athletes = (data?.athletes ?? []).filter(({ block }) => block);
  const rows = athletes.toSorted(
    (one, other) => ORDERS[by](one) - ORDERS[by](other) || one.name.localeCompare(other.name),
  );
  const head = (order: Order, words: string) => (
    <TableCell sortDirection={by === order ? 'asc' : false}>
      <TableSortLabel
        active={by === order}
        hideSortIcon={by !== order}
        onClick={() => setBy(order)}
      >
        {words}
      </TableSortLabel>
    </TableCell>
  );
  return (
    <>
      <TitleBlock title={wording.lastWeek} detail={wording.plannedAgainstRun} />
      <main className="page" aria-busy={isLoading}>
        {error && 'kind' in error && (
          <ErrorNote onRetry={() => void refetch()}>{errorSentence(error)}</ErrorNote>
        )}
        {data && athletes.length === 0 && <p>{wording.nobodyHasABlockYet}</p>}
        {athletes.length > 0 && (
          <div className={styles.lastWeek}>
            <Table size="small" className="figures">
              <TableHead>
                <TableRow>
                  {head('name', wording.athlete)}
                  <TableCell>{wording.planned}</TableCell>
                  <TableCell>{wording.run}</TableCell>
                  {head('difference', wording.againstPlan)}
                  <TableCell>{wording.longRun}</TableCell>
                  <TableCell>{wording.hardSessions}</TableCell>
                  {head('missed', wording.missed)}
                  {head('load', wording.load)}
                  <TableCell className={styles.words}>{wording.whatStandsOut}</TableCell>
                </TableRow>
              </TableHead>
              <TableBody>
                {rows.map((athlete) => (
                  <Row key={athlete.id} athlete={athlete} />
                ))}
              </TableBody>
            </Table>
          </div>
        )}
      </main>
    </>
  );
}

type Order = 'name' | 'difference' | 'missed' | 'load';

/** The least first; a week that is not known stands last. */
const ORDERS: Readonly<Record<Order, (athlete: SquadAthlete) => number>> = {
  name: () => 0,
  difference: ({ block }) =>
    block?.lastWeek?.unknown === 0
      ? block.lastWeek.run / Math.max(1, block.lastWeek.planned)
      : Infinity,
  missed: ({ block }) => -(block?.lastWeek?.missed ?? -1),
  load: ({ block }) => -(block?.lastWeek?.load ?? -1),
};

function Row({ athlete: { name, block } }: { athlete: SquadAthlete }) {
  if (!block) return null;
  const { id, glance, lastWeek, need } = block;
  const unit = unitName(glance.measure);
  return (
    <TableRow>
      <TableCell component="th" scope="row">
        <Link to={`/blocks/${id}/diary${lastWeek ? `/${lastWeek.number}` : ''}`}>{name}</Link>
      </TableCell>
      {lastWeek ? (
        <>
          <TableCell>
            {lastWeek.planned} {unit}
          </TableCell>
          <TableCell>
            <b>{lastWeek.run}</b>
          </TableCell>
          <TableCell>
            {lastWeek.unknown > 0
              ? wording.daysNotKnown(lastWeek.unknown)
              : differenceText(lastWeek.run, lastWeek.planned)}
          </TableCell>
          <TableCell>
            {wording.runOfPlanned(
              lastWeek.longRun.run ?? wording.notKnown,
              lastWeek.longRun.planned,
            )}
          </TableCell>
          <TableCell>{wording.doneOfPlanned(lastWeek.hard.done, lastWeek.hard.planned)}</TableCell>
          <TableCell>{lastWeek.missed || ''}</TableCell>
          <TableCell>{lastWeek.load}</TableCell>
        </>
      ) : (
        <TableCell colSpan={7}>{wording.nothingRecordedNotKnown}</TableCell>
      )}
      <TableCell className={styles.words}>{need ? `${need.title} (${need.level})` : ''}</TableCell>
    </TableRow>
  );
}
