import { countBack, countWeeks } from '../../base/weeks.js';
import { differenceInDays } from '../../base/civil-date.js';
import { blockLength } from '../../rules/house-rules.js';
import { formatPlain, formatWithUnit } from '../../base/format/format.js';
import { examineDays } from './validate-days.js';
import { examineEventLengths, examineEvents } from './validate-events.js';
import { examinePaces } from './validate-paces.js';
import { examineRules } from './validate-rules.js';
import { type Problem, problem } from '../../spec/issue.js';
import { LEAST_START } from '../resolve/suggest-volume.js';
import type { Given, Wishes } from '../../spec/block-spec.js';

/**
 * What cannot make a block, looked at before anything is worked out. An empty
 * list means `settle` will succeed.
 */
export function examineGiven(given: Given): Problem[] {
  return [
    ...examineDates(given),
    ...examineOwnPhases(given),
    ...examineEventLengths(given.events ?? []),
  ];
}

/** The first day a block may begin: days are counted from it. */
const FIRST_DAY = '1970-01-01';

/** Dates that cannot make a block. */
function examineDates({ race, start, weeks, weekStartsOn = 'monday' }: Given): Problem[] {
  if (race.date === undefined) {
    if (start !== undefined) return [];
    return [
      problem(
        'race-date-missing',
        ['race', 'date'],
        'Give the race a date, or fix the start of the block.',
      ),
    ];
  }
  if (start === undefined) {
    const longest = countBack(race.date, weeks ?? blockLength.most, weekStartsOn);
    if (longest >= FIRST_DAY) return [];
    const message = `A block toward ${race.date} would begin before ${FIRST_DAY}. Choose a later race.`;
    return [problem('date-out-of-range', ['race', 'date'], message)];
  }
  if (differenceInDays(race.date, start) < 0) {
    return [
      problem(
        'race-before-start',
        ['race', 'date'],
        `The race on ${race.date} is before the start on ${start}. Move one of them.`,
      ),
    ];
  }
  const counted = countWeeks(start, race.date, weekStartsOn);
  if (counted < blockLength.least || counted > blockLength.most) {
    return [
      problem(
        'weeks-out-of-range',
        ['start'],
        `From ${start} to ${race.date} are ${counted} weeks; a block has ${blockLength.least} to ${blockLength.most}. Move the start.`,
      ),
    ];
  }
  if (weeks !== undefined && weeks !== counted) {
    return [
      problem(
        'weeks-disagree',
        ['weeks'],
        `From ${start} to ${race.date} are ${counted} weeks, not ${weeks}. Leave out "weeks" or move the start.`,
      ),
    ];
  }
  return [];
}

/** Settled wishes that contradict themselves or are beyond anyone. An empty list: valid. */
export function examineWishes(wishes: Wishes): Problem[] {
  return [
    ...examineVolumes(wishes),
    ...examinePins(wishes),
    ...examineDays(wishes),
    ...examineEvents(wishes),
    ...examinePaces(wishes),
    ...examineRules(wishes),
  ];
}

/** Beyond these a figure is a slip of the hand. Metres or seconds. */
const MOST = {
  distance: { week: 400_000, run: 100_000 },
  time: { week: 180_000, run: 36_000 },
} as const;

function examineVolumes({ athlete, volume, longRun }: Wishes): Problem[] {
  const most = MOST[athlete.basis];
  const say = (amount: number) => formatWithUnit(amount, { ...athlete, step: 1 });
  const found: Problem[] = [];
  const within = (path: string[], amount: number, limit: number) => {
    if (amount <= limit) return;
    found.push(
      problem(
        'amount-out-of-range',
        path,
        `${say(amount)} is beyond anyone; ${say(limit)} is the most. Check the figure and its unit.`,
      ),
    );
  };
  const least = LEAST_START[athlete.basis];
  if (volume.start < least) {
    const message = `A start of ${formatPlain(volume.start, athlete)} is nothing to grow from; ${formatPlain(least, athlete)} is the least. Check the figure and its unit.`;
    found.push(problem('start-too-low', ['volume', 'start'], message));
  }
  within(['volume', 'start'], volume.start, most.week);
  within(['volume', 'peak'], volume.peak, most.week);
  within(['longRun', 'start'], longRun.start, most.run);
  within(['longRun', 'peak'], longRun.peak, most.run);
  if (volume.peak < volume.start) {
    found.push(
      problem(
        'peak-below-start',
        ['volume', 'peak'],
        `The peak of ${say(volume.peak)} is below the start of ${say(volume.start)}. Raise the peak or lower the start.`,
      ),
    );
  }
  if (longRun.peak < longRun.start) {
    found.push(
      problem(
        'long-run-peak-below-start',
        ['longRun', 'peak'],
        `The peak long run of ${say(longRun.peak)} is below the first of ${say(longRun.start)}. Raise the peak or lower the first.`,
      ),
    );
  }
  return found;
}

function examinePins({ athlete, pins, weeks }: Wishes): Problem[] {
  const most = MOST[athlete.basis];
  const say = (amount: number) => formatWithUnit(amount, { ...athlete, step: 1 });
  const seen = new Set<number>();
  return pins.flatMap((pin, index) => {
    const found: Problem[] = [];
    const at = (field: string) => ['pins', index, field];
    if (pin.week > weeks) {
      found.push(
        problem(
          'pin-outside-block',
          at('week'),
          `Week ${pin.week} is outside the block of ${weeks} weeks. Choose 1 to ${weeks}, or unpin it.`,
        ),
      );
    }
    if (seen.has(pin.week)) {
      found.push(
        problem('pin-twice', at('week'), `Week ${pin.week} is pinned twice. Keep one of the two.`),
      );
    }
    seen.add(pin.week);
    if ((pin.volume ?? 0) > most.week) {
      found.push(
        problem(
          'amount-out-of-range',
          at('volume'),
          `${say(pin.volume ?? 0)} in week ${pin.week} is beyond anyone; ${say(most.week)} is the most.`,
        ),
      );
    }
    if ((pin.longRun ?? 0) > most.run) {
      found.push(
        problem(
          'amount-out-of-range',
          at('longRun'),
          `${say(pin.longRun ?? 0)} in week ${pin.week} is beyond anyone; ${say(most.run)} is the most.`,
        ),
      );
    }
    if (pin.volume !== undefined && pin.longRun !== undefined && pin.longRun > pin.volume) {
      found.push(
        problem(
          'pin-long-run-over-week',
          at('longRun'),
          `The long run of ${say(pin.longRun)} is more than week ${pin.week}’s ${say(pin.volume)}. Lower it or raise the week.`,
        ),
      );
    }
    return found;
  });
}

function examineOwnPhases({ phases }: Given): Problem[] {
  if (phases?.layout !== 'own' || (phases.own ?? []).length > 0) return [];
  return [
    problem(
      'own-phases-missing',
      ['phases', 'own'],
      'Name at least one phase of your own, or choose a layout.',
    ),
  ];
}
