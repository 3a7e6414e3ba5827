import { describe, expect, it } from 'vitest';
import type { GrowthSchoolName } from '../../spec/choices/index.js';
import { marathon } from '../../testing/examples.js';
import { resolveSpec } from './resolve.js';
import { reach, suggestStep } from './suggest-growth.js';

const marathonSpec = resolveSpec(marathon);

const growth = (school: GrowthSchoolName) => ({
  school,
  cap: 0.1,
  step: 5000,
  hold: 3,
  rises: 3,
  wayBack: 0.05,
});
const climb = (school: GrowthSchoolName, start: number) => ({
  start,
  unit: 1000,
  growth: growth(school),
  isOwnStep: false,
  of: { athlete: marathonSpec.athlete, start: marathonSpec.start },
});

describe('how far rises lead', () => {
  it.each<[GrowthSchoolName, number, number]>([
    // 60, 66, 72, 79, 86, 94 in whole kilometres under 10%.
    ['percentage', 55_000, 94_000],
    // Steps of 5 km, as 10% of 55 allow: six of them.
    ['fixed-step', 55_000, 85_000],
    // Six rises are two steps, of up to a fifth: one kilometre a run day.
    ['step-and-hold', 55_000, 65_000],
    // Three rises of a tenth of the start.
    ['straight-to-peak', 55_000, 70_000],
    // 60, 57, 66, 63, 72, 68: from height to height a tenth, in whole kilometres.
    ['alternating', 55_000, 72_000],
    // A tenth of 20 km is two.
    ['fixed-step', 20_000, 32_000],
  ])('%s from %i m in six: %i', (school, start, most) => {
    expect(reach(climb(school, start), 6)).toBe(most);
  });

  it('goes by the coach’s own step, whatever it is', () => {
    const own = { ...climb('fixed-step', 20_000), isOwnStep: true };
    expect(reach(own, 6)).toBe(50_000);
  });
});

describe('a step that nobody gave', () => {
  const step = (school: GrowthSchoolName, start: number, peak: number, isOwnPeak = true) =>
    suggestStep({ ...climb(school, start), peak, isOwnPeak }, () => 6);

  it('brings the block to its peak in time', () => {
    // 20 km in six steps, and in two of step and hold.
    expect(step('fixed-step', 60_000, 80_000)).toBe(4000);
    expect(step('step-and-hold', 60_000, 80_000)).toBe(10_000);
  });

  it('is no larger than the cap lets the first one be', () => {
    expect(step('fixed-step', 40_000, 90_000)).toBe(4000);
    expect(step('step-and-hold', 40_000, 90_000)).toBe(8000);
    // A tenth of 6 km is less than a kilometre.
    expect(step('fixed-step', 6000, 12_000)).toBe(600);
  });

  it('is no larger than one week’s cap for the young, the often hurt and the injured', () => {
    const { athlete, start } = marathonSpec;
    const of = (part: object, on = start) => ({ athlete: { ...athlete, ...part }, start: on });
    const step = (climber: ReturnType<typeof of>) =>
      suggestStep(
        { ...climb('step-and-hold', 40_000), peak: 90_000, isOwnPeak: true, of: climber },
        () => 6,
      );
    expect(step(of({}))).toBe(8000);
    expect(step(of({ injured: true }))).toBe(4000);
    expect(step(of({ oftenHurt: true }))).toBe(4000);
    expect(step(of({ birthYear: 2010 }, '2027-01-04'))).toBe(4000);
  });

  it('is one unit a run day at the most, where the peak is not the coach’s either', () => {
    expect(step('step-and-hold', 60_000, 80_000, false)).toBe(5000);
  });

  it('stays what the coach gave, and what goes unused elsewhere', () => {
    const own = { ...climb('fixed-step', 20_000), isOwnStep: true };
    expect(suggestStep({ ...own, peak: 25_000, isOwnPeak: true }, () => 6)).toBe(5000);
    expect(step('percentage', 20_000, 40_000)).toBe(5000);
  });
});
