import { layOut } from '@nadir/core';
import { reviewBlock } from '@nadir/core/review';
import { rulesOf } from '@nadir/core/rules';
import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { Lanes } from './Lanes.js';

afterEach(cleanup);

const block = layOut({
  athlete: { recentWeeks: [44_000, 45_000, 45_000, 46_000] },
  race: { name: 'Tidewrack Half', date: '2027-05-02', distance: 21_097.5 },
  weeks: 12,
});
const columns = { width: 800, labels: 80, weeks: 12 };

/** Left ends of all that is drawn as a path. */
function pathsOn(today: string, chosen: number): number[] {
  const review = reviewBlock({
    block,
    rules: rulesOf(block.spec),
    today,
    entries: [],
    mornings: [],
  });
  render(<Lanes review={review} columns={columns} chosen={chosen} scrolls={false} />);
  const paths = screen.getAllByRole('img').flatMap((lane) => [...lane.querySelectorAll('path')]);
  return paths.map((path) => Number(/^M([\d.-]+)/.exec(path.getAttribute('d') ?? '')?.[1]));
}

describe('the lanes of the diary', () => {
  it('frame the chosen week on the axis of the drawing', () => {
    // Twelve columns of 60 pixels behind 80 of labels: week 2 begins at 140.
    expect(pathsOn('2027-02-24', 2)).toEqual([140, 140, 80, 140]);
  });

  it('draw nothing over their names before the block has begun', () => {
    expect(pathsOn('2027-02-01', 0)).toEqual([]);
  });
});
