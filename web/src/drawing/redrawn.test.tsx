import { layOut } from '@nadir/core';
import { showBlock } from '@nadir/core/present/figures';
import type { BlockSpec } from '@nadir/core/spec';
import { cleanup, render } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { Section } from './Section.js';

const given: BlockSpec = {
  race: { name: 'Lantern Bay Marathon', date: '2027-04-18', distance: 42_195 },
  weeks: 18,
  volume: { start: 55_000, peak: 92_000 },
  pins: [{ week: 10, volume: 70_000 }],
};
const columns = { width: 900, labels: 90, weeks: 18 };

const lay = (part: Partial<BlockSpec>) => {
  const block = layOut({ ...given, ...part });
  return { block, shown: showBlock(block, { basis: 'distance', unit: 'km', step: 1 }) };
};
const taken = lay({});

const draw = (drawn: typeof taken) => (
  <Section
    {...drawn}
    settled={taken}
    columns={columns}
    height={400}
    today="2027-02-10"
    reach={120}
  />
);

/** The marks that are written anew when one version takes the place of another. */
function redrawn(from: typeof taken, to: typeof taken): Set<string> {
  const { container, rerender } = render(draw(from));
  const observer = new MutationObserver(() => undefined);
  observer.observe(container, {
    subtree: true,
    attributes: true,
    characterData: true,
    childList: true,
  });
  rerender(draw(to));
  const changed = observer.takeRecords().map(({ target }) => {
    const element = target instanceof Element ? target : target.parentElement;
    const mark = element?.closest('[aria-label]')?.getAttribute('aria-label') ?? '';
    return /^(Week \d+|Legs|Section|Phase [^,]+)/.exec(mark)?.[0] ?? mark;
  });
  observer.disconnect();
  return new Set(changed);
}

/** Weeks whose figures differ, and those that step from one of them. */
function differing(from: typeof taken, to: typeof taken): string[] {
  const differs = from.shown.weeks.map(({ volume, longRun }, index) => {
    const other = to.shown.weeks[index];
    return volume !== other?.volume || longRun !== other.longRun;
  });
  return differs.flatMap((here, index) =>
    here || differs[index - 1] === true ? [`Week ${index + 1}`] : [],
  );
}

afterEach(cleanup);

describe('a version that takes the place of another', () => {
  const moved = lay({ pins: [{ week: 10, volume: 76_000 }] });
  const weeks = differing(taken, moved);

  it('writes anew the weeks that differ, and no other', () => {
    // The climb from the pin on differs, what lies before it does not.
    expect(weeks).toContain('Week 10');
    expect(weeks).not.toContain('Week 2');
    const marks = [...redrawn(taken, moved)];
    expect(marks.filter((mark) => mark.startsWith('Week ')).sort()).toEqual([...weeks].sort());
  });

  it('leaves phases alone that stay where they are', () => {
    const marks = [...redrawn(taken, moved)];
    expect(marks.filter((mark) => mark.startsWith('Phase '))).toEqual([]);
  });

  it('writes nothing anew when it says the same', () => {
    expect([...redrawn(taken, lay({}))]).toEqual([]);
  });
});
