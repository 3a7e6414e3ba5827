import Button from '@mui/material/Button';
import { Suspense, lazy, useEffect, useState } from 'react';
import { Link } from 'react-router';
import { errorSentence, useGlancesQuery } from '../../api/api.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { TopStrip } from '../../components/TopStrip.js';
import { plural } from '../../components/dates.js';
import { AthleteRow } from './AthleteRow.js';

/** Forms are not needed to read the squad: they come when they are asked for. */
const AddAthlete = lazy(async () => ({ default: (await import('./AddAthlete.js')).AddAthlete }));

/** Everyone at a glance: race, time to go, phase, week, block, worst check. */
export function SquadPage() {
  const { data, error, isLoading, refetch } = useGlancesQuery(undefined, {
    refetchOnMountOrArgChange: true,
  });
  const [adding, setAdding] = useState(false);
  useEffect(() => {
    document.title = 'Squad · Nadir';
  }, []);
  const athletes = data?.athletes ?? [];
  return (
    <>
      <TopStrip title="Squad" detail={data && plural(athletes.length, 'athlete')}>
        <Button onClick={() => setAdding(true)}>Add athlete</Button>
        <Button component={Link} to="/blocks/new" variant="contained">
          New block
        </Button>
      </TopStrip>
      <main className="page" aria-busy={isLoading}>
        {error && 'kind' in error && (
          <ErrorNote onRetry={() => void refetch()}>{errorSentence(error)}</ErrorNote>
        )}
        {isLoading && 'Fetching the squad …'}
        {adding && (
          <Suspense fallback="Opening the form …">
            <AddAthlete onDone={() => setAdding(false)} />
          </Suspense>
        )}
        {data && athletes.length === 0 && !adding && (
          <p>
            Nobody here yet. <Link to="/blocks/new">Lay out a first block</Link>: name the athlete
            and the race, the rest is worked out.
          </p>
        )}
        {athletes.length > 0 && (
          <table className="squad">
            <thead>
              <tr>
                <th scope="col">Athlete</th>
                <th scope="col">Goal race</th>
                <th scope="col">To go</th>
                <th scope="col">Phase now</th>
                <th scope="col" className="number">
                  This week
                </th>
                <th scope="col">Block</th>
                <th scope="col">Worst check</th>
              </tr>
            </thead>
            <tbody>
              {athletes.map((athlete) => (
                <AthleteRow key={athlete.id} athlete={athlete} />
              ))}
            </tbody>
          </table>
        )}
        {data && data.archived.length > 0 && (
          <details>
            <summary>Archived: {plural(data.archived.length, 'athlete')}</summary>
            <ul>
              {data.archived.map(({ id, name }) => (
                <li key={id}>
                  <Link to={`/athletes/${id}`}>{name}</Link>
                </li>
              ))}
            </ul>
          </details>
        )}
      </main>
    </>
  );
}
