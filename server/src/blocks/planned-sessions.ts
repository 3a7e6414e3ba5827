import { type BlockFile, givenOf } from '@nadir/contract';
import { layOut } from '@nadir/core';

/** The rows that queries by date need, laid out afresh from the wishes. */
export function plannedSessionsOf(wishes: BlockFile) {
  const block = layOut(givenOf(wishes));
  const sessions = block.weeks.flatMap(({ days }) =>
    days.flatMap(({ date, role, sessions: held }) =>
      held.map(({ shorthand, distance, time }, place) => ({
        date,
        place,
        role,
        distance,
        time,
        shorthand,
      })),
    ),
  );
  return { startsOn: block.spec.start, raceOn: block.spec.race.date, sessions };
}
