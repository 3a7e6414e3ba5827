import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Measure, sum, units } from '../../base/index.js';
import { layOut } from '../../lay-out.js';
import { dayRoles } from '../../spec/days/index.js';
import { anySpec } from '../../testing/any-spec.js';
import { marathon } from '../../testing/examples.js';
import { holdFor } from '../../testing/hold-for.js';
import { laidOut } from '../../testing/laid-out.js';
import { showBlock } from '../figures/show.js';
import { handoutOf } from '../handout/index.js';
import { athleteBlock, meantEffort } from './index.js';

const km: Measure = { basis: 'distance', unit: 'km', step: 1 };
const TODAY = '2027-02-10';
const block = layOut(marathon);
const page = athleteBlock(block, showBlock(block, km), TODAY);
const days = page.weeks.flatMap((week) => week.days);
const dayOn = (date: string) => days.find((day) => day.date === date)!;

describe('a block as its athlete sees it', () => {
  it('has the figures of every other handout, in every unit', () => {
    holdFor(
      fc.property(anySpec, fc.constantFrom(...units), (spec, unit) => {
        const measure: Measure = { basis: spec.athlete?.basis ?? 'distance', unit, step: 1 };
        const laid = laidOut(spec);
        const shown = showBlock(laid, measure);
        const seen = athleteBlock(laid, shown, TODAY);
        const handed = handoutOf(laid, shown, TODAY);
        expect(seen.sums).toEqual(handed.sums);
        seen.weeks.forEach((week, at) => {
          expect(week.figure).toBe(handed.weeks[at]?.figure);
          expect(sum(week.days.map(({ steps }) => steps))).toBe(week.steps);
          for (const day of week.days) {
            // What “as planned” notes is what the bar draws, to the metre of each piece.
            const noted = sum(
              day.planned.map(({ kind, distance = 0 }) => (kind === 'run' ? distance : 0)),
            );
            const drawn = sum(day.runs.map(({ distance }) => distance));
            if (day.mark !== 'race') expect(Math.abs(noted - drawn)).toBeLessThanOrEqual(2);
          }
        });
      }),
    );
  });

  it('draws a day of easy running, then strides, as it is run', () => {
    const strides = days.find(({ sessions }) => sessions.some((each) => each.includes('strides')))!;
    const hatches = strides.runs.flatMap(({ pieces }) => pieces.map(({ hatch }) => hatch));
    expect(hatches[0]).toBe('easy');
    expect(hatches).toContain('quick');
  });

  it('says what a day is run in: its own paces alone, the goal’s too', () => {
    // Race pace: 3:15:00 over 42.195 km are 277.3 s, 4:37.
    const quick = days.find(({ sessions }) => sessions.join().includes('race pace'))!;
    expect(quick.paces.map(({ name }) => name)).toEqual(['Easy', 'Race pace']);
    expect(quick.paces[1]?.text).toBe('4:37 /km');
    expect(quick.paces[0]?.feel).toBe('Comfortable all the way. Talk test: whole stories.');
    expect(quick.planned).toMatchObject([{ kind: 'run', distance: 1000 * quick.steps }]);
    expect(dayOn('2027-02-11')).toMatchObject({ title: 'Rest', paces: [], planned: [], runs: [] });
  });

  it('calls the race by its name, and has its splits end in the goal', () => {
    const race = days.at(-1)!;
    expect(race).toMatchObject({ mark: 'race', title: 'Lantern Bay Marathon', meant: [9, 10] });
    expect(page.splits.at(-1)?.at(-1)).toBe('3:15:00');
  });

  it('asks less of an easier day, and nothing of one without running', () => {
    const mids = (['recovery', 'short-easy', 'easy', 'long', 'quality', 'race'] as const).map(
      (role) => sum([...(meantEffort(role) ?? [])]) / 2,
    );
    expect(mids).toEqual(mids.toSorted((one, other) => one - other));
    expect(meantEffort('rest')).toBeUndefined();
    for (const role of dayRoles) {
      const [from, to] = meantEffort(role) ?? [1, 1];
      expect(from).toBeGreaterThanOrEqual(1);
      expect(to).toBeGreaterThanOrEqual(from);
      expect(to).toBeLessThanOrEqual(10);
    }
  });
});
