import { dateWords, formatPlain, formatWithUnit } from '../../base/format/index.js';
import { countBack, countWeeks, differenceInDays } from '../../base/index.js';
import { blockLength, newestEngine } from '../../rules/index.js';
import { type BlockSpec, type Issue, issue, type ResolvedSpec } from '../../spec/index.js';
import type { Context } from '../context/context.js';
import { resolve } from '../resolve/resolve.js';
import { validateDays } from './validate-days.js';
import { validateEventLengths, validateEvents } from './validate-events.js';
import { validatePaces } from './validate-paces.js';
import { validateRules } from './validate-rules.js';
import { LEAST_START } from '../resolve/suggest-volume.js';

/**
 * What cannot make a block: contradictions, and what is beyond anyone. An empty
 * list means that `layOut` will lay it out.
 */
export function validateSpec(given: BlockSpec): Issue[] {
  const issues = validateGiven(given);
  return issues.length > 0 ? issues : validateResolved(resolve(given).context);
}

/** True where a spec can be resolved at all, be it sound or not. */
export function canResolve(given: BlockSpec): boolean {
  return validateGiven(given).length === 0;
}

/** What is looked at before anything is worked out; without issues, `resolve` will succeed. */
function validateGiven(given: BlockSpec): Issue[] {
  return [
    ...validateEngine(given),
    ...validateDates(given),
    ...validateOwnPhases(given),
    ...validateEventLengths(given.events ?? []),
  ];
}

function validateEngine({ engine = newestEngine }: BlockSpec): Issue[] {
  if (Number.isInteger(engine) && engine >= 1 && engine <= newestEngine) return [];
  const message = `was laid out under defaults number ${engine}; this Nadir knows those up to ${newestEngine}. Update Nadir to open it.`;
  return [issue('later-engine', ['engine'], message)];
}

/** The first day a block may begin: days are counted from it. */
const FIRST_DAY = '1970-01-01';

/** Dates that cannot make a block. */
function validateDates({ race, start, weeks, weekStartsOn = 'monday' }: BlockSpec): Issue[] {
  if (race.date === undefined) {
    if (start !== undefined) return [];
    return [
      issue(
        'race-date-missing',
        ['race', 'date'],
        'Give the race a date, or fix the start of the block.',
      ),
    ];
  }
  if (start === undefined) {
    const longest = countBack(race.date, weeks ?? blockLength.most, weekStartsOn);
    if (longest >= FIRST_DAY) return [];
    const message = `A block toward ${dateWords(race.date)} would begin before ${dateWords(FIRST_DAY)}. Choose a later race.`;
    return [issue('date-out-of-range', ['race', 'date'], message)];
  }
  if (differenceInDays(race.date, start) < 0) {
    return [
      issue(
        'race-before-start',
        ['race', 'date'],
        `The race on ${dateWords(race.date)} is before the start on ${dateWords(start)}. Move one of them.`,
      ),
    ];
  }
  const counted = countWeeks(start, race.date, weekStartsOn);
  if (counted < blockLength.least || counted > blockLength.most) {
    return [
      issue(
        'weeks-out-of-range',
        ['start'],
        `From ${dateWords(start)} to ${dateWords(race.date)} are ${counted} weeks; a block has ${blockLength.least} to ${blockLength.most}. Move the start.`,
      ),
    ];
  }
  if (weeks !== undefined && weeks !== counted) {
    return [
      issue(
        'weeks-disagree',
        ['weeks'],
        `From ${dateWords(start)} to ${dateWords(race.date)} are ${counted} weeks, not ${weeks}. Leave out "weeks" or move the start.`,
      ),
    ];
  }
  return [];
}

/** A resolved spec that contradicts itself or is beyond anyone. */
function validateResolved(context: Context): Issue[] {
  const { spec } = context;
  return [
    ...validateVolumes(spec),
    ...validatePins(spec),
    ...validateDays(spec),
    ...validateEvents(context),
    ...validatePaces(spec),
    ...validateRules(spec),
  ];
}

/** Beyond these a figure is a slip of the hand. Metres or seconds. */
const MOST = {
  distance: { week: 400_000, run: 100_000 },
  time: { week: 180_000, run: 36_000 },
} as const;

function validateVolumes({ athlete, volume, longRun }: ResolvedSpec): Issue[] {
  const most = MOST[athlete.basis];
  const say = (amount: number) => formatWithUnit(amount, { ...athlete, step: 1 });
  const found: Issue[] = [];
  const within = (path: string[], amount: number, limit: number) => {
    if (amount <= limit) return;
    found.push(
      issue(
        'amount-out-of-range',
        path,
        `${say(amount)} is beyond anyone; ${say(limit)} is the most. Check the figure and its unit.`,
      ),
    );
  };
  const least = LEAST_START[athlete.basis];
  if (volume.start < least) {
    const message = `A start of ${formatPlain(volume.start, athlete)} is nothing to grow from; ${formatPlain(least, athlete)} is the least. Check the figure and its unit.`;
    found.push(issue('start-too-low', ['volume', 'start'], message));
  }
  within(['volume', 'start'], volume.start, most.week);
  within(['volume', 'peak'], volume.peak, most.week);
  within(['longRun', 'start'], longRun.start, most.run);
  within(['longRun', 'peak'], longRun.peak, most.run);
  if (volume.peak < volume.start) {
    found.push(
      issue(
        'peak-below-start',
        ['volume', 'peak'],
        `The peak of ${say(volume.peak)} is below the start of ${say(volume.start)}. Raise the peak or lower the start.`,
      ),
    );
  }
  if (longRun.peak < longRun.start) {
    found.push(
      issue(
        'long-run-peak-below-start',
        ['longRun', 'peak'],
        `The peak long run of ${say(longRun.peak)} is below the first of ${say(longRun.start)}. Raise the peak or lower the first.`,
      ),
    );
  }
  return found;
}

function validatePins({ athlete, pins, weeks }: ResolvedSpec): Issue[] {
  const most = MOST[athlete.basis];
  const say = (amount: number) => formatWithUnit(amount, { ...athlete, step: 1 });
  const seen = new Set<number>();
  return pins.flatMap((pin, index) => {
    const found: Issue[] = [];
    const at = (field: string) => ['pins', index, field];
    if (pin.week > weeks) {
      found.push(
        issue(
          'pin-outside-block',
          at('week'),
          `Week ${pin.week} is outside the block of ${weeks} weeks. Choose 1 to ${weeks}, or free it.`,
        ),
      );
    }
    if (seen.has(pin.week)) {
      found.push(
        issue('pin-twice', at('week'), `Week ${pin.week} is fixed twice. Keep one of the two.`),
      );
    }
    seen.add(pin.week);
    if ((pin.volume ?? 0) > most.week) {
      found.push(
        issue(
          'amount-out-of-range',
          at('volume'),
          `${say(pin.volume ?? 0)} in week ${pin.week} is beyond anyone; ${say(most.week)} is the most.`,
        ),
      );
    }
    if ((pin.longRun ?? 0) > most.run) {
      found.push(
        issue(
          'amount-out-of-range',
          at('longRun'),
          `${say(pin.longRun ?? 0)} in week ${pin.week} is beyond anyone; ${say(most.run)} is the most.`,
        ),
      );
    }
    if (pin.volume !== undefined && pin.longRun !== undefined && pin.longRun > pin.volume) {
      found.push(
        issue(
          'pin-long-run-over-week',
          at('longRun'),
          `The long run of ${say(pin.longRun)} is more than week ${pin.week}’s ${say(pin.volume)}. Lower it or raise the week.`,
        ),
      );
    }
    return found;
  });
}

function validateOwnPhases({ phases }: BlockSpec): Issue[] {
  if (phases?.layout !== 'own' || (phases.own ?? []).length > 0) return [];
  return [
    issue(
      'own-phases-missing',
      ['phases', 'own'],
      'Name at least one phase of your own, or choose a layout.',
    ),
  ];
}
