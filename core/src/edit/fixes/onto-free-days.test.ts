import { expect, it } from 'vitest';
import { weekdayOf } from '../../base/index.js';
import { fixesOf, layOut } from '../../lay-out.js';
import { marathon } from '../../testing/examples.js';
import { writtenOut } from '../../testing/written-out.js';
import { applyChange } from '../change.js';

// Thursdays are rests of this block; on Wednesdays it is run.
const written = writtenOut(marathon);
const block = layOut({
  ...written,
  athlete: { ...written.athlete, unavailable: ['wednesday'] },
});
const found = block.findings.find(({ check }) => check === 'session-outside-days');

it('moves what is written for a day that is not free to the nearest that is, in every week', () => {
  const [fix] = found ? fixesOf(block, found) : [];
  // In race week nothing is free but the days before the race, which stay as they are.
  expect(fix?.label).toBe('Move Wed 16 Dec to Thu 17 Dec; the other 16 likewise; Reset Wed 14 Apr');
  const mended = layOut(applyChange(block.spec, fix?.change ?? {}));
  const built = ({ weeks }: typeof block) => weeks.slice(0, -1);
  const volumes = (of: typeof block) => built(of).map(({ volume }) => volume);
  expect(volumes(mended)).toEqual(volumes(block));
  const on = (of: typeof block, weekday: string) =>
    built(of).map(({ days }) => days.find(({ date }) => weekdayOf(date) === weekday)?.distance);
  expect(on(mended, 'wednesday').every((distance) => distance === 0)).toBe(true);
  expect(on(mended, 'thursday')).toEqual(on(block, 'wednesday'));
});
