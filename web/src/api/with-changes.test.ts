import { expect, it } from 'vitest';
import { withChanges } from './with-changes.js';

const run = { date: '2027-02-08', place: 0, kind: 'run' as const, distance: 9000, revision: 1 };
const kept = {
  entries: [run, { ...run, place: 1 }],
  mornings: [{ date: '2027-02-08', fresh: 3, revision: 1 }],
  reviews: [],
};
const nothing = { entries: [], removed: [], mornings: [], reviews: [] };

it('puts what was changed in the place of what stood there, in the order of days', () => {
  const earlier = { ...run, date: '2027-02-07', revision: 1 };
  const longer = { ...run, distance: 10_000, revision: 2 };
  const changed = withChanges(kept, { ...nothing, entries: [longer, earlier] });
  expect(changed.entries).toEqual([earlier, longer, { ...run, place: 1 }]);
});

it('takes out what was removed, and a morning of which nothing is left', () => {
  const gone = withChanges(kept, {
    ...nothing,
    removed: [{ date: run.date, place: 0, revision: 2 }],
    mornings: [{ date: run.date, revision: 2 }],
  });
  expect(gone.entries).toEqual([{ ...run, place: 1 }]);
  expect(gone.mornings).toEqual([]);
});

it('keeps the last word on a week', () => {
  const said = withChanges(
    { ...kept, reviews: [{ date: '2027-02-01', goal: 'Even.', revision: 1 }] },
    { ...nothing, reviews: [{ date: '2027-02-01', goal: 'Even.', met: 'met', revision: 2 }] },
  );
  expect(said.reviews).toEqual([{ date: '2027-02-01', goal: 'Even.', met: 'met', revision: 2 }]);
});
