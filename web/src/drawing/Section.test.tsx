import { layOut } from '@nadir/core';
import { showBlock } from '@nadir/core/present/figures';
import type { BlockSpec } from '@nadir/core/spec';
import { phaseKinds } from '@nadir/core/spec/choices';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { drawingHeight } from './height.js';
import { Hatches } from './hatches.js';
import { Section } from './Section.js';

const given: BlockSpec = {
  athlete: { name: 'Idris Vale' },
  race: { name: 'Lantern Bay Marathon', date: '2027-04-18', distance: 42_195 },
  weeks: 18,
  pins: [{ week: 10, volume: 61_000 }],
};

function draw(
  today: string,
  onSelect?: (week: number, extend: boolean) => void,
  part: Partial<BlockSpec> = {},
) {
  const block = layOut({ ...given, ...part });
  const shown = showBlock(block, { basis: 'distance', unit: 'km', step: 1 });
  const columns = { width: 900, labels: 90, weeks: 18 };
  const { container } = render(
    <Section
      block={block}
      shown={shown}
      columns={columns}
      height={400}
      today={today}
      selected={[9]}
      lit={[3]}
      onSelect={onSelect}
    />,
  );
  return { block, shown, container };
}

const marks = () => screen.getAllByRole('img').map((mark) => mark.getAttribute('aria-label'));

afterEach(cleanup);

describe('the Section', () => {
  it('names itself and every mark of it', () => {
    const { shown } = draw('2027-02-10');
    expect(
      screen.getByRole('group', {
        name: 'Section: 18 weeks to Lantern Bay Marathon of Idris Vale',
      }),
    ).toBeTruthy();
    const names = marks();
    expect(names.filter((name) => name?.startsWith('Week '))).toHaveLength(18);
    expect(names).toContain('Week 10: 61 km, fixed, long run ' + String(shown.weeks[9]?.longRun));
    expect(names.filter((name) => name?.startsWith('Phase '))).toHaveLength(4);
    expect(names).toContain('Race day: Lantern Bay Marathon, Sun 18 Apr 2027');
    expect(names).toContain('Today, Wed 10 Feb 2027');
    expect(names.some((name) => name?.startsWith('Legs: heaviest by the work of week'))).toBe(true);
  });

  it('says of phase edges and recovery weeks whether they are the coach’s own', () => {
    const isFixed = (word: string) =>
      marks().filter((name) => new RegExp(`${word}.*, fixed`).test(name ?? '')).length;
    draw('2027-02-10');
    expect([isFixed('^Phase'), isFixed('recovery week')]).toEqual([0, 0]);
    cleanup();
    const own = [
      { kind: 'foundation', name: 'Base', weeks: 9 },
      { kind: 'specific', name: 'Race work', weeks: 6 },
      { kind: 'taper', name: 'Taper', weeks: 3 },
    ] as const;
    draw('2027-02-10', undefined, {
      phases: { layout: 'own', own: [...own] },
      volume: { recovery: { weeks: [5, 12] } },
    });
    expect([isFixed('^Phase'), isFixed('recovery week')]).toEqual([3, 2]);
  });

  it('shows no today outside the block', () => {
    draw('2026-01-01');
    expect(marks().some((name) => name?.startsWith('Today'))).toBe(false);
  });

  it('selects the week that is clicked', () => {
    const onSelect = vi.fn();
    const { container } = draw('2027-02-10', onSelect);
    const targets = container.querySelectorAll('rect[fill="transparent"]');
    expect(targets).toHaveLength(18);
    fireEvent.click(targets[4]!);
    expect(onSelect).toHaveBeenCalledWith(5, false);
  });

  it('inks what is done, all of it once the race is over', () => {
    const weeks = (container: HTMLElement, name: string) =>
      container.querySelectorAll(`rect[fill="var(--nadir-${name})"]`).length;
    expect(weeks(draw('2026-12-01').container, 'done')).toBe(0);
    cleanup();
    const { container } = draw('2027-02-10');
    expect([weeks(container, 'done'), weeks(container, 'toCome')]).toEqual([8, 10]);
    cleanup();
    expect(weeks(draw('2027-05-01').container, 'toCome')).toBe(0);
  });
});

describe('hatches', () => {
  it('differ for every kind of phase', () => {
    const { container } = render(
      <svg>
        <Hatches id="h" />
      </svg>,
    );
    const patterns = [...container.querySelectorAll('pattern')].map((pattern) => pattern.innerHTML);
    // And one for what a recovery week leaves out.
    expect(patterns).toHaveLength(phaseKinds.length + 1);
    expect(new Set(patterns).size).toBe(phaseKinds.length + 1);
  });
});

describe('the height of the drawing', () => {
  it.each([
    [{ width: 900, height: 700 }, 416],
    [{ width: 900, height: 500 }, 320],
    [{ width: 900, height: 2000 }, 820],
    [{ width: 390, height: 2000 }, 360],
  ])('in %j is %d', (size, height) => {
    expect(drawingHeight(size, 284)).toBe(height);
  });
});
