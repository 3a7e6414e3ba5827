import { type BlockFile, type ChangeRecordBody, givenOf, type WeekReview } from '@nadir/contract';
import { layOut } from '@nadir/core';
import { addDays, type CivilDate, differenceInDays, startOfWeek } from '@nadir/core/base';
import type { Day } from '@nadir/core/layout/block';
import type { MissedReason, MorningNote, RunEntry } from '@nadir/core/record';
import { dayPacesOf } from '@nadir/core/review';
import { rulesOf } from '@nadir/core/rules';
import { randomOf, runDay, type Temper } from '../watch/simulated-runner.js';

/** How one of the six lived with the block, in days before today. */
interface Life {
  temper: Omit<Temper, 'seed'>;
  missed?: Readonly<Record<number, { reason: MissedReason; note?: string }>>;
  /** Run otherwise than planned. */
  otherwise?: Readonly<Record<number, Pick<RunEntry, 'distance' | 'time' | 'effort' | 'note'>>>;
  notes?: Readonly<Record<number, string>>;
  mornings?: Readonly<Record<number, Omit<MorningNote, 'date'>>>;
  /** Of last week. */
  review?: Omit<WeekReview, 'date'>;
}

const STEADY = { easy: 1, fade: 0 };

/** By name: one flawless, one with a niggle, one too quick, one who travels, a junior, one who was ill. */
const lives: Readonly<Record<string, Life>> = {
  'Idris Vale': {
    temper: STEADY,
    notes: { 3: 'Last ten at marathon pace, even.' },
    review: { goal: 'The long run to the end at the pace that is set.', met: 'met' },
  },
  'Posy Arkwright': {
    temper: STEADY,
    missed: { 5: { reason: 'sore', note: 'calf tight on the stairs' } },
    mornings: {
      4: { sore: { where: 'left calf', level: 4 } },
      1: { sore: { where: 'left calf', level: 5 } },
      0: { sore: { where: 'left calf', level: 4 } },
    },
    review: { goal: 'Three runs, none of them in pain.', met: 'part' },
  },
  'Teodor Hask': {
    temper: { easy: 0.9, fade: -0.004 },
    notes: { 1: 'Felt good, let it run.' },
    review: { goal: 'Easy days easy.', met: 'not' },
  },
  'Wren Castellan': {
    temper: { easy: 1, fade: 0.012 },
    missed: {
      6: { reason: 'travel', note: 'ferry cancelled, home after nine' },
      20: { reason: 'travel' },
    },
    notes: { 8: 'Even but the last two, tired legs after.', 1: 'One more than I wanted.' },
    review: {
      goal: 'First kilometres of the block. Run them even, the fifth no harder than the first.',
      met: 'part',
    },
  },
  'Kit Sorrel': {
    temper: { easy: 0.99, fade: 0.004 },
    missed: { 12: { reason: 'choice', note: 'school trip' } },
    review: { goal: 'Sleep before the Wednesday session.', met: 'met' },
  },
  'Ottoline Brack': {
    temper: STEADY,
    missed: {
      6: { reason: 'ill' },
      5: { reason: 'ill', note: 'in bed' },
      4: { reason: 'ill' },
      3: { reason: 'ill' },
      2: { reason: 'ill' },
    },
    otherwise: {
      1: { distance: 8000, time: 2560, effort: 2, note: 'Easy, to see how it feels.' },
    },
    mornings: {
      6: { ill: 'below-neck', fresh: 2 },
      5: { ill: 'fever', fresh: 1, pulse: 61 },
      4: { ill: 'fever', fresh: 1, pulse: 58 },
      3: { ill: 'below-neck', fresh: 2, pulse: 52 },
      2: { ill: 'below-neck', fresh: 3, pulse: 49 },
      1: { fresh: 4, pulse: 47 },
    },
    review: { goal: 'Get well.', met: 'met' },
  },
};

/** What a demo athlete has recorded by today: nothing in words of today itself. */
export function demoDiary(
  wishes: BlockFile,
  today: CivilDate,
): Pick<ChangeRecordBody, 'keep' | 'mornings' | 'reviews'> {
  const name = wishes.athlete?.name ?? '';
  const life = lives[name] ?? { temper: STEADY };
  const block = layOut(givenOf(wishes));
  const { sessionPaces, athlete } = dayPacesOf(block, rulesOf(block.spec));
  const days = block.weeks.flatMap((week) => week.days).filter(({ date }) => date < today);
  const entries = days.flatMap((day) =>
    lived(day, differenceInDays(today, day.date), life, () =>
      runDay({ day, sessionPaces, hearts: athlete }, { ...life.temper, seed: name }),
    ),
  );
  return {
    keep: entries.map((entry) => ({ revision: null, entry })),
    mornings: morningsOf(days, today, life, name).map((morning) => ({ revision: null, morning })),
    reviews: life.review
      ? [
          {
            revision: null,
            review: { date: addDays(startOfWeek(today, 'monday'), -7), ...life.review },
          },
        ]
      : [],
  };
}

function lived(
  day: Day,
  ago: number,
  { missed, otherwise, notes }: Life,
  run: () => RunEntry[],
): RunEntry[] {
  const other = otherwise?.[ago];
  if (other) return [{ date: day.date, place: 0, kind: 'run', ...other }];
  const lost = missed?.[ago];
  if (lost && day.time > 0) return [{ date: day.date, place: 0, kind: 'missed', ...lost }];
  const note = notes?.[ago];
  return run().map((entry, place) => (place === 0 && note ? { ...entry, note } : entry));
}

/** Sleep and freshness of every morning, and what else there was to say. */
function morningsOf(
  days: readonly Day[],
  today: CivilDate,
  { mornings }: Life,
  name: string,
): MorningNote[] {
  const dates = [...days.map(({ date }) => date), today];
  return dates.map((date, index) => {
    const random = randomOf(`${name} morning ${date}`);
    const after = days[index - 1]?.role;
    const tired = after === 'long' || after === 'quality' ? 1 : 0;
    return {
      date,
      sleep: 3 + Math.round(random() * 2),
      fresh: 3 + Math.round(random() * 2) - tired,
      ...mornings?.[differenceInDays(today, date)],
    };
  });
}
