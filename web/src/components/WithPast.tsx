import type { OpenBlock, PlannedDay } from '@nadir/contract';
import type { ReactNode } from 'react';
import { useSignedIn } from '../api/session.js';
import { WithHistory } from './history.js';
import { WithRecord, raceDay } from './record.js';

/** Lays out what is within it on the past of one block: its days as they were handed out, and what was run. */
export function WithPast({
  block: { athleteId, wishes, history },
  children,
}: {
  block: Pick<OpenBlock, 'athleteId' | 'wishes'> & { history: readonly PlannedDay[] };
  children: ReactNode;
}) {
  const { today } = useSignedIn();
  return (
    <WithHistory days={history}>
      <WithRecord athleteId={athleteId} raceOn={raceDay(wishes, today)}>
        {children}
      </WithRecord>
    </WithHistory>
  );
}
