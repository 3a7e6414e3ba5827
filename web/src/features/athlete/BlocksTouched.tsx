import type { AthletePreview } from '@nadir/contract';
import { Tick } from '../../components/Tick.js';
import { formatDay } from '../../components/dates.js';
import * as wording from './wording.js';

/** Each block of the athlete, the days to come that would move, and whether it takes the change. */
export function BlocksTouched({
  blocks,
  apart,
  onApart,
}: {
  blocks: AthletePreview['blocks'];
  apart: readonly string[];
  onApart: (apart: string[]) => void;
}) {
  if (blocks.length === 0) return <p>{wording.noBlockIsStillToBeRaced}</p>;
  return (
    <>
      <p>{wording.savingChangesTheBlocksThatRead}</p>
      <ul className="plain-list" aria-label={wording.blocksThatReadThisRecord}>
        {blocks.map(({ id, race, days, problem }) => (
          <li key={id}>
            <Tick
              label={`${race.name}, ${formatDay(race.date)}: ${
                problem === null
                  ? days === 0
                    ? wording.noDayToComeMoves
                    : wording.daysToComeWouldMove(days)
                  : wording.staysAsItIs(problem)
              }`}
              checked={problem === null && !apart.includes(id)}
              disabled={problem !== null}
              onAnswer={(checked) =>
                onApart(checked ? apart.filter((each) => each !== id) : [...apart, id])
              }
            />
          </li>
        ))}
      </ul>
    </>
  );
}
