import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Measure, units } from '../../base/index.js';
import { layOut } from '../../lay-out.js';
import { anySpec } from '../../testing/any-spec.js';
import { marathon } from '../../testing/examples.js';
import { holdFor } from '../../testing/hold-for.js';
import { missed, type Otherwise, reviewOn } from '../../testing/recorded.js';
import { patternCodes, patternsOf, reviewBlock } from '../../review/index.js';
import { rulesOf } from '../../rules/index.js';
import { showBlock } from '../figures/index.js';
import {
  doneWords,
  lastWeekOf,
  latelyOf,
  legsWords,
  needOf,
  patternTitles,
  patternWords,
  reviewRows,
  sentenceFor,
  showReview,
} from './index.js';

const TODAY = '2027-02-08';
const km: Measure = { basis: 'distance', unit: 'km', step: 1 };
const block = layOut(marathon);
const shownIn = (measure: Measure, otherwise: Otherwise = {}) => {
  const review = reviewOn(block, TODAY, otherwise);
  const shown = showBlock(block, measure);
  return { review, shown, figures: showReview(review, shown) };
};
const on = '2027-02-04';

describe('what was run, in figures', () => {
  it.each(units)('as planned shows the plan in %s, to the figure', (unit) => {
    const { figures, shown } = shownIn({ ...km, unit });
    shown.weeks.slice(0, 8).forEach(({ volume, longRun }, index) => {
      expect(figures.weeks.get(index + 1)).toEqual({
        planned: volume,
        run: volume,
        longRun: { planned: longRun, run: longRun },
        unknown: 0,
      });
    });
  });

  it('adds up: days to their week, in every measure, whatever was run', () => {
    const runs = fc.array(fc.double({ min: 0, max: 40_000, noNaN: true }), { maxLength: 60 });
    holdFor(
      fc.property(anySpec, runs, fc.constantFrom(...units), (spec, metres, unit) => {
        const laid = layOut(spec);
        const days = laid.weeks.flatMap((week) => week.days);
        const otherwise = Object.fromEntries(
          metres.map((distance, index) => [
            days[index]?.date ?? '',
            [{ distance, time: distance / 3 + 1 }],
          ]),
        );
        const review = reviewOn(laid, laid.spec.race.date, otherwise);
        const measure = { basis: laid.spec.athlete.basis, unit, step: 1 } as const;
        const figures = showReview(review, showBlock(laid, measure));
        for (const { week, days: reviewed } of review.weeks) {
          const { run } = figures.weeks.get(week.number) ?? {};
          const tenths = reviewed
            .filter(({ day }) => day.role !== 'race')
            .reduce((all, { day }) => all + 10 * (figures.days.get(day.date) ?? 0), 0);
          if (run !== undefined) expect(Math.round(10 * run)).toBe(Math.round(tenths));
        }
      }),
    );
  });

  it('has rows for the Ledger: run, against plan, load and missed', () => {
    const planned = block.weeks[7]?.days.find(({ date }) => date === '2027-02-05')?.distance ?? 0;
    const { review, shown, figures } = shownIn(km, missed(['2027-02-05']));
    const rows = new Map(reviewRows(review, figures, shown).map((row) => [row.key, row]));
    const text = (key: string) => {
      const week = block.weeks[7];
      return week && rows.get(key)?.text(week, 7);
    };
    const run = (block.weeks[7]?.distance ?? 0) - planned;
    expect(text('run')).toBe(String(run / 1000));
    expect(text('difference')).toBe(`−${planned / 1000}`);
    expect(text('missed')).toBe('1');
    expect(Number(text('load'))).toBeGreaterThan(500);
    expect(reviewRows(reviewOn(block, '2026-12-14'), figures, shown)).toEqual([]);
  });

  it('a week of which days are not known is held against nothing', () => {
    const { review, shown, figures } = shownIn(km, { '2027-02-02': [] });
    const rows = new Map(reviewRows(review, figures, shown).map((row) => [row.key, row]));
    const week = block.weeks[7]!;
    expect(rows.get('difference')?.text(week, 7)).toBe('');
    expect(rows.get('run')?.text(week, 7)).not.toBe('');
    expect(rows.get('run')?.why?.(week)).toContain('1 day is not known');
    expect(figures.weeks.get(8)?.unknown).toBe(1);
    expect(lastWeekOf(review, figures)).toMatchObject({ number: 8, unknown: 1 });
    expect(review.weeks[7]).toMatchObject({ isWhole: false, monotony: undefined });
  });
});

describe('what was run, in words', () => {
  const words = (entry: object, unit: 'km' | 'mi' = 'km') =>
    doneWords({ entries: [{ date: on, place: 0, kind: 'run', ...entry }] }, { ...km, unit })[0];

  it.each([
    [
      { distance: 12_000, time: 3624, effort: 4, note: 'felt fine' },
      '12 km, 5:02 /km, effort 4, felt fine',
    ],
    [{ distance: 10_000, time: 3624, reps: [90, 91] }, '10 km, 1 h'],
    [{ time: 2400 }, '40 min'],
    [{ distance: 0, time: 2400 }, '40 min'],
    [{ kind: 'pool', time: 2400, heart: 131 }, 'pool, 40 min'],
    [{ kind: 'missed', reason: 'work', note: 'on call' }, 'missed: work, on call'],
    [{ kind: 'missed' }, 'missed'],
    [{ kind: 'missed', movedTo: '2027-02-06' }, 'moved to 6 Feb'],
  ])('%o', (entry, said) => {
    expect(words(entry)).toBe(said);
  });

  it('is in the coach’s unit, and in minutes where the block counts them', () => {
    const byTime = { basis: 'time', unit: 'km', step: 1 } as const;
    const entry = { date: on, place: 0, kind: 'run', distance: 4000, time: 2040 } as const;
    expect(doneWords({ entries: [entry] }, byTime)).toEqual(['34 min, 8:30 /km']);
    expect(words({ distance: 8046.72, time: 2400 }, 'mi')).toBe('5 mi, 8:00 /mi');
  });

  it('every pattern has a name and a sentence without a hole', () => {
    for (const code of patternCodes) {
      const pattern = { code, level: 'note', dates: [on], value: 2, limit: 3 } as const;
      expect(patternTitles[code]).not.toBe('');
      expect(patternWords(pattern)).not.toMatch(/NaN|undefined| {2}/);
    }
    const { review } = shownIn(km, missed(['2027-02-06', '2027-02-07']));
    expect(patternsOf(review).map(patternWords)).toEqual([
      '2 days missed in a row, up to Sun 7 Feb. Don’t make up what was missed.',
    ]);
  });

  it('a sentence for the athlete calls a session as its coach wrote it, in mid-sentence one of the house’s', () => {
    const called = (name?: string) => {
      const weeks = block.weeks.map((week) => ({
        ...week,
        days: week.days.map((day) => ({
          ...day,
          sessions: day.sessions.map((each) =>
            name !== undefined && each.family
              ? { ...each, family: { ...each.family, name } }
              : each,
          ),
        })),
      }));
      const review = reviewOn({ ...block, weeks }, TODAY);
      const shown = showBlock(block, km);
      const week = review.weeks[6];
      return week && sentenceFor(review, week, showReview(review, shown), shown);
    };
    expect(called('The Skerry Lane hills')).toMatch(/’s The Skerry Lane hills: done/);
    expect(called('The growing hill')).toMatch(/’s growing hill: done/);
  });

  it('a sentence for the athlete says what was run and that nothing is made up, and no word of health', () => {
    const said = (otherwise: Otherwise) => {
      const { review, shown, figures } = shownIn(km, otherwise);
      const week = review.weeks[7];
      return week && sentenceFor(review, week, figures, shown);
    };
    expect(said(missed(['2027-02-05']))).toMatch(
      /^\d+ of \d+ km(\. .*: done)?\. Fri missed \(work\): no need to make it up\.$/,
    );
    expect(said(missed(['2027-02-05'], 'ill'))).not.toContain('ill');
    const silent = Object.fromEntries((block.weeks[7]?.days ?? []).map(({ date }) => [date, []]));
    expect(said(silent)).toBe('Nothing was recorded this week. How did it go?');
  });

  it('a list of many athletes is told that there is something of health, and not what', () => {
    const ill = [{ date: '2027-02-07', ill: 'fever' } as const];
    const sick = needOf(reviewOn(block, TODAY, {}, ill));
    expect(sick).toMatchObject({ level: 'stop', title: 'The mornings need a look' });
    expect(JSON.stringify(sick)).not.toMatch(/ill|fever/i);
    expect(needOf(reviewOn(block, TODAY))).toBeNull();
    expect(needOf(reviewOn(block, TODAY, missed(['2027-02-07'])))).toMatchObject({
      level: 'note',
      title: 'Days missed',
    });
  });

  it('of the legs says what was run against what was planned, and nothing where nothing is known', () => {
    const on = (otherwise: Otherwise, none = false) => {
      const { entries, mornings } = reviewOn(block, TODAY, otherwise);
      const record = none ? [] : entries;
      const run = layOut(marathon, { record });
      const rules = rulesOf(run.spec);
      return legsWords(reviewBlock({ block: run, rules, today: TODAY, entries: record, mornings }));
    };
    expect(on({})).toMatch(
      /^Legs this morning, by what was run: \d\.\d times day one, as the plan has them\.$/,
    );
    const week = (block.weeks[7]?.days ?? []).map(({ date }) => date);
    expect(on(missed(week))).toContain('Lighter than planned: rest that was taken');
    const twice = Object.fromEntries(
      (block.weeks[7]?.days ?? []).map(({ date, distance, time }) => [
        date,
        [{ distance: 2 * distance, time: 2 * time + 1 }],
      ]),
    );
    expect(on(twice)).toContain('Heavier than planned');
    expect(on({}, true)).toBe('');
  });
});

describe('the last days of one athlete of many', () => {
  it('are fourteen before today, each by what became of it, and say since when nothing is known', () => {
    const { review } = shownIn(km, {
      ...missed(['2027-02-03'], 'ill'),
      '2027-02-05': [{ kind: 'pool', time: 2400 }],
      '2027-02-06': [],
      '2027-02-07': [],
    });
    const lately = latelyOf(review, TODAY);
    expect(lately.days).toHaveLength(14);
    expect(lately.days.slice(-5)).toEqual(['missed', 'rest', 'instead', 'unknown', 'unknown']);
    expect(lately.days.slice(0, -5).every((state) => state === 'run' || state === 'rest')).toBe(
      true,
    );
    expect(lately.ago).toBe(3);
    expect(JSON.stringify(lately)).not.toContain('ill');
  });

  it('are as many as there were, and none of a block that has not begun', () => {
    const on = (today: string) => latelyOf(reviewOn(block, today), today);
    expect(on(block.spec.start)).toEqual({ days: [], ago: null });
    expect(latelyOf({ ...shownIn(km).review, entries: [] }, TODAY).ago).toBeNull();
  });
});
