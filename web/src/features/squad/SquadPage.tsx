import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import { Suspense, lazy, useEffect, useState } from 'react';
import { Link } from 'react-router';
import { errorSentence, useGlancesQuery } from '../../api/api.js';
import { useSignedIn } from '../../api/session.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { TitleBlock } from '../../components/TitleBlock.js';
import { formatDay, plural } from '../../components/dates.js';
import { SquadTable } from './SquadTable.js';
import { needsALook, squadInOrder, type SquadOrder } from './squad-order.js';

/** Fields and forms are not needed to read the squad: they come after it, or when asked for. */
const AddAthlete = lazy(async () => ({ default: (await import('./AddAthlete.js')).AddAthlete }));

const FindAthlete = lazy(async () => ({
  default: (await import('./FindAthlete.js')).FindAthlete,
}));
const Archived = lazy(async () => ({ default: (await import('./Archived.js')).Archived }));

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
    document.title = 'Squad · Nadir';
  }, []);
  const athletes = data?.athletes ?? [];
  const shown = squadInOrder(athletes, order, typed);
  return (
    <>
      <TitleBlock
        title="Squad"
        detail={
          data &&
          `${formatDay(today)} · ${plural(athletes.length, 'athlete')}, ${athletes.filter(needsALook).length} to look at`
        }
      >
        {athletes.length > 1 && (
          <Suspense fallback={<Skeleton width={210} height={32} />}>
            <FindAthlete typed={typed} onType={setTyped} />
          </Suspense>
        )}
        <Button component={Link} to="/last-week">
          Last week
        </Button>
        <Button component={Link} to="/paces">
          Group pace card
        </Button>
        <Button variant="outlined" onClick={() => setAdding(true)}>
          Add athlete
        </Button>
        <Button component={Link} to="/blocks/new" variant="contained">
          New block
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
            Nobody here yet. <Link to="/blocks/new">Lay out a first block</Link>: name the athlete
            and the race, and how the last weeks went; the rest is worked out.
          </p>
        )}
        {athletes.length > 0 && (
          <SquadTable athletes={shown} everyone={athletes} order={order} onOrder={setOrder} />
        )}
        {typed !== '' && shown.length === 0 && <p>Nobody is called that, and no race is.</p>}
        {data && data.archived.length > 0 && (
          <Suspense fallback={null}>
            <Archived athletes={data.archived} />
          </Suspense>
        )}
      </main>
    </>
  );
}
