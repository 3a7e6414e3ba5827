import type { AthletePreview } from '@nadir/contract';
import { Tick } from '../../components/Tick.js';
import { formatDay, plural } from '../../components/dates.js';

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
  if (blocks.length === 0) return <p>No block is still to be raced: nothing moves.</p>;
  return (
    <>
      <p>Saving changes the blocks that read this record. Untick one to leave it as it is.</p>
      <ul className="plain-list" aria-label="Blocks that read this record">
        {blocks.map(({ id, race, days, problem }) => (
          <li key={id}>
            <Tick
              label={`${race.name}, ${formatDay(race.date)}: ${
                problem === null
                  ? days === 0
                    ? 'no day to come moves.'
                    : `${plural(days, 'day')} to come would move.`
                  : `stays as it is. ${problem}`
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
