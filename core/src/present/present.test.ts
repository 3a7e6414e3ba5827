import { describe, expect, it } from 'vitest';
import { type Measure, sum } from '../base/index.js';
import { layOut } from '../lay-out.js';
import { marathon } from '../testing/examples.js';
import { showBlock } from './figures/show.js';
import { whyLongRun, whyVolume } from './why/why.js';

const km: Measure = { basis: 'distance', unit: 'km', step: 1 };
const { weeks: _counted, ...undated } = marathon;

describe('showing a block', () => {
  const block = layOut(marathon);

  it('shows what was laid out where the unit is the block’s own', () => {
    const shown = showBlock(block, km);
    expect(shown.weeks.map(({ volume }) => volume * 1000)).toEqual(
      block.weeks.map(({ volume }) => volume),
    );
    expect(shown.total * 1000).toBe(sum(block.weeks.map(({ volume }) => volume)));
  });

  it('in miles: 1261 km are 783.5 mi, shown 784, and the weeks add up to it', () => {
    const total = sum(block.weeks.map(({ distance }) => distance));
    const shown = showBlock(block, { ...km, unit: 'mi' });
    expect(shown.total).toBe(Math.round(total / 1609.344));
    expect(sum(shown.weeks.map(({ volume }) => volume))).toBe(shown.total);
  });

  it('shows the long run as its own day does', () => {
    const shown = showBlock(block, { ...km, unit: 'mi', step: 0.5 });
    shown.weeks.forEach(({ longRun, days }, index) => {
      const day = block.weeks[index]?.days.findIndex(({ role }) => role === 'long') ?? -1;
      expect(longRun).toBe(day < 0 ? 0 : days[day]);
    });
  });

  it('shares a long run out to its stretches: 8 + 16 + 8 of 32 km are 5 + 10 + 5 of 20 mi', () => {
    const longRun = { ...marathon.longRun, segment: 'middle-block' as const };
    const carrying = layOut({ ...marathon, longRun });
    expect(showBlock(carrying, { ...km, unit: 'mi' }).weeks[14]).toMatchObject({
      longRun: 20,
      segment: { before: 5, amount: 10, after: 5 },
    });
  });

  it('leaves a pin as it was typed: 37.5 mi in half miles', () => {
    const pinned = layOut({ ...marathon, pins: [{ week: 3, volume: 37.5 * 1609.344 }] });
    const shown = showBlock(pinned, { ...km, unit: 'mi', step: 0.5 });
    expect(shown.weeks[2]?.volume).toBe(75);
  });
});

describe('why', () => {
  const block = layOut({ ...undated, start: '2026-12-17', pins: [{ week: 6, volume: 66_000 }] });
  const shown = showBlock(block, km);
  const why = (number: number) => {
    const week = block.weeks[number - 1];
    return week ? [whyVolume(block, week, shown), whyLongRun(block, week)] : [];
  };

  it('says the rule and the sum behind a volume', () => {
    expect(why(1)[0]).toBe('4 of 7 days at the starting volume of 55 km.');
    expect(why(2)[0]).toBe('Percentage: 58 km, 5.5% up from the start of 55 km; 10% is the most.');
    expect(why(4)[0]).toBe('Recovery: 46 km, 25% off 61 km in week 3.');
    expect(why(6)[0]).toBe('Fixed; kept exactly.');
    expect(why(14)[0]).toMatch(/^The peak: 92 km, 5\.7% up from 87 km/);
    expect(why(15)[0]).toBe('Held at the top.');
    expect(why(16)[0]).toBe('Taper: 76 km, 83% of the heaviest week’s 92 km.');
    // 3, 7, 8, 4 and 4 km against 7, 16, 15, 13 and 9; 26 of 92 km.
    expect(why(18)[0]).toBe(
      'Beside the race: 57% less than the same six days of the heaviest week, long run aside; 72% less than its 92 km.',
    );
  });

  it.each([
    // 67.3 and 79.7 km are a third and two thirds of the way from 55 to 92.
    [
      'straight-to-peak',
      '67 km, 21.8% up from 55 km in week 1; from 55 km to 92 km in 3 rises.',
      undefined,
    ],
    ['fixed-step', '60 km, 9.1% up from 55 km in week 1; a step is 5 km.', undefined],
    [
      'step-and-hold',
      '55 km, held at 55 km in week 1; each step is held 2 weeks.',
      '65 km, 18.2% up from 55 km in week 2; a step is 10 km, and is held 2 weeks.',
    ],
    [
      'alternating',
      '61 km, 10% up from 55 km in week 1; the week after goes 5% back.',
      '58 km, 5% down from 61 km in week 2, part of the way back from the rise before.',
    ],
  ] as const)('says a rise in the arithmetic of %s', (school, second, third) => {
    const step = school === 'fixed-step' ? 5000 : 10_000;
    const growth = { school, step, hold: 2, rises: 3, wayBack: 0.05 };
    const risen = layOut({ ...marathon, volume: { ...marathon.volume, growth } });
    const figures = showBlock(risen, km);
    const words = (number: number) => whyVolume(risen, risen.weeks[number - 1]!, figures);
    expect(words(2).endsWith(`: ${second}`)).toBe(true);
    if (third) expect(words(3).endsWith(`: ${third}`)).toBe(true);
  });

  it('says the rule and the time behind a long run', () => {
    // 32 km at 335 s/km are 2 h 58 min 40 s.
    expect(why(15)[1]).toBe('The peak of the ladder, about 2 h 59 min on the feet.');
    expect(why(16)[1]).toMatch(/^Coming down from the peak/);
    expect(why(18)[1]).toBe('The race.');
    // 27 km x 95 / 92 are 27.9.
    const heavier = layOut({ ...marathon, pins: [{ week: 10, volume: 95_000 }] });
    expect(whyLongRun(heavier, heavier.weeks[9]!)).toMatch(
      /^Longer, as its week is more than the peak: 28 km of 95 km, 29%; about 2 h 3\d min/,
    );
  });

  it('names another week by the figure that stands there: 62 km are 38.5 mi, shown 38', () => {
    const volume = { ...marathon.volume, start: 42_000, peak: 80_000 };
    const inMiles = layOut({ ...marathon, volume });
    const figures = showBlock(inMiles, { ...km, unit: 'mi' });
    const week = inMiles.weeks[9];
    expect(inMiles.weeks[8]?.volume).toBe(62_000);
    expect(figures.weeks[8]?.volume).toBe(38);
    expect(week && whyVolume(inMiles, week, figures)).toContain('up from 38 mi in week 9');
  });

  it('names the re-entry after a recovery week', () => {
    const resumed = layOut({
      ...marathon,
      volume: { ...marathon.volume, recovery: { every: 4, depth: 0.25, reEntry: 'resume' } },
    });
    const week = resumed.weeks[4];
    expect(week && whyVolume(resumed, week, showBlock(resumed, km))).toMatch(
      /^Resumes at the last building week/,
    );
  });
});
