import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import { Suspense, useEffect, useState } from 'react';
import { Link } from 'react-router';
import { later } from '../../components/later.js';
import { useGlancesQuery } from '../../api/api.js';
import { errorSentence } from '../../api/call-error.js';
import { useSignedIn } from '../../api/session.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { TitleBlock } from '../../components/TitleBlock.js';
import { formatDay } from '../../components/dates.js';
import { SquadTable } from './SquadTable.js';
import { needsALook, squadInOrder, type SquadOrder } from './squad-order.js';
import * as wording from './wording.js';

/** Fields and forms are not needed to read the squad: they come after it, or when asked for. */
const AddAthlete = later(async () => (await import('./AddAthlete.js')).AddAthlete);

const FindAthlete = later(async () => (await import('./FindAthlete.js')).FindAthlete);
const Archived = later(async () => (await import('./Archived.js')).Archived);

/** Everyone at a glance: who needs a look and why, on one calendar; this week, the next key day. */
export function SquadPage() {
  const { today } = useSignedIn();
  const { data, error, isLoading, refetch } = useGlancesQuery(undefined, {
    refetchOnMountOrArgChange: true,
  });
  const [adding, setAdding] = useState(false);
  const [order, setOrder] = useState<SquadOrder>('look');
  const [typed, setTyped] = useState('');
  useEffect(() => {
    document.title = wording.squadNadir;
  }, []);
  const athletes = data?.athletes ?? [];
  const shown = squadInOrder(athletes, order, typed);
  return (
    <>
      <TitleBlock
        title={wording.squad}
        detail={
          data &&
          wording.athletesToLookAt(
            formatDay(today),
            athletes.length,
            athletes.filter(needsALook).length,
          )
        }
      >
        {athletes.length > 1 && (
          <Suspense fallback={<Skeleton width={210} height={32} />}>
            <FindAthlete typed={typed} onType={setTyped} />
          </Suspense>
        )}
        <Button component={Link} to="/last-week">
          {wording.lastWeek}
        </Button>
        <Button component={Link} to="/paces">
          {wording.groupPaceCard}
        </Button>
        <Button variant="outlined" onClick={() => setAdding(true)}>
          {wording.addAthlete}
        </Button>
        <Button component={Link} to="/blocks/new" variant="contained">
          {wording.newBlock}
        </Button>
      </TitleBlock>
      <main className="page" aria-busy={isLoading}>
        {error && 'kind' in error && (
          <ErrorNote onRetry={() => void refetch()}>{errorSentence(error)}</ErrorNote>
        )}
        {isLoading && [1, 2, 3].map((row) => <Skeleton key={row} height={80} />)}
        {adding && (
          <Suspense fallback={<Skeleton height={60} />}>
            <AddAthlete onDone={() => setAdding(false)} />
          </Suspense>
        )}
        {data && athletes.length === 0 && !adding && (
          <p>
            {wording.nobodyHereYet}
            <Link to="/blocks/new">{wording.layOutAFirstBlock}</Link>
            {wording.nameTheAthleteAndTheRace}
          </p>
        )}
        {athletes.length > 0 && (
          <SquadTable athletes={shown} everyone={athletes} order={order} onOrder={setOrder} />
        )}
        {typed !== '' && shown.length === 0 && <p>{wording.nobodyHasThatName}</p>}
        {data && data.archived.length > 0 && (
          <Suspense fallback={null}>
            <Archived athletes={data.archived} />
          </Suspense>
        )}
      </main>
    </>
  );
}
