import { type AthleteAnswer, type BlockFile, templateOf } from '@nadir/contract';
import { renderHook, waitFor } from '@testing-library/react';
import { expect, it } from 'vitest';
import { type GroupPlan, useGroupBlocks } from './useGroupBlocks.js';

const asked: BlockFile = {
  format: 'nadir-block',
  version: 3,
  engine: 21,
  race: { name: 'Lantern Bay Marathon', date: '2027-04-18', distance: 42_195 },
};
const athletes: AthleteAnswer[] = ['Wren Castellan', 'Ottoline Brack', 'Idris Vale'].map(
  (name, place) => ({
    id: `11111111-1111-4111-8111-11111111111${place}`,
    revision: 1,
    state: 'here',
    facts: { name, recentWeeks: [(place + 3) * 10_000] },
  }),
);
const plan: GroupPlan = {
  template: templateOf({ ...asked, weeks: 15, taper: { school: 'long-descent' } }),
  asked,
  athletes,
  today: '2027-01-04',
};

it('lays a group out athlete after athlete; a changed plan leaves the rows until theirs are laid', async () => {
  const all = athletes.map(({ facts }) => facts.name);
  const { result, rerender } = renderHook(useGroupBlocks, { initialProps: plan });
  expect(result.current).toEqual({ rows: [], isWhole: false });
  const names = () => result.current.rows.map(({ athlete }) => athlete.facts.name);
  await waitFor(() => expect(result.current.isWhole).toBe(true));
  expect(names()).toEqual(all);
  const before = result.current.rows;

  const earlier = { ...asked, race: { ...asked.race, date: '2027-04-11' } };
  rerender({ ...plan, asked: earlier });
  expect(result.current).toEqual({ rows: before, isWhole: false });
  await waitFor(() => expect(result.current.isWhole).toBe(true));
  expect(names()).toEqual(all);
  const races = result.current.rows.map(({ laid }) => laid.ok && laid.file.race.date);
  expect(races).toEqual(all.map(() => '2027-04-11'));

  rerender({ ...plan, athletes: athletes.slice(1) });
  await waitFor(() => expect(names()).toEqual(all.slice(1)));
});
