import type { Coaching } from '@nadir/contract';
import Skeleton from '@mui/material/Skeleton';
import { createContext, useContext } from 'react';
import { Outlet } from 'react-router';
import { ErrorNote } from '../components/ErrorNote.js';
import { useCoachingQuery } from './api.js';
import { errorSentence } from './call-error.js';

export const CoachingContext = createContext<Coaching | undefined>(undefined);

/** The coach's own house rules, named paces and sessions; for the views within `WithCoaching`. */
export function useCoaching(): Coaching {
  const coaching = useContext(CoachingContext);
  if (!coaching) throw new Error('useCoaching: call it inside WithCoaching, which provides it.');
  return coaching;
}

/** The views that cannot begin without how the coach coaches. */
export function WithCoaching() {
  const { data, error, refetch } = useCoachingQuery();
  if (data) {
    return (
      <CoachingContext.Provider value={data}>
        <Outlet />
      </CoachingContext.Provider>
    );
  }
  return (
    <main className="page" aria-busy={!error}>
      {error && 'kind' in error ? (
        <ErrorNote onRetry={() => void refetch()}>{errorSentence(error)}</ErrorNote>
      ) : (
        <Skeleton variant="rectangular" height={56} aria-label="Opening" />
      )}
    </main>
  );
}
