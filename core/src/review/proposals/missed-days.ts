import { withoutHard } from '../../edit/written/index.js';
import { formatPercent, formatPlain } from '../../base/format/index.js';
import { addDays, type Measure } from '../../base/index.js';
import { layoutStep } from '../../rules/index.js';
import { HALF_WEEK } from '../../rules/limits/index.js';
import { type Day, isBase, type Week } from '../../layout/block/index.js';
import { type FixedDay, withFixedDay } from '../../spec/days/index.js';
import { isMeasure } from '../done/is-measure.js';
import type { DayReviewed } from '../done/day-reviewed.js';
import type { Review } from '../done/review-block.js';
import { lastSpell, type MissedSpell } from '../done/spells.js';
import { firstOpenDay, weeksToCome, wholeWeeksToCome } from '../done/to-come.js';
import { spellToAnswer } from '../done/spell-to-answer.js';
import { carryOn } from './carry-on.js';
import { daysFrom } from './changes.js';
import { mostOfRest, weeksHeldAt } from './held-weeks.js';
import { withRecoveryAfter } from './next-recovery.js';
import type { Proposal, Propose } from './proposal.js';

const WEEK = 7;

/**
 * Days missed in a row: a few change nothing, some cost the next week a part, more
 * are come back from by steps. Nothing missed is made up. All figures are house rules.
 */
export const afterMissedDays: Propose = (review, measure) => {
  const spell = spellToAnswer(review);
  const { fewMissed, someMissed } = review.rules.diary;
  if (!spell || spell.length <= fewMissed) return goOn(review, measure);
  if (weeksToCome(review).length === 0) return [beforeTheRace(spell)];
  return spell.length <= someMissed
    ? aLighterWeek(review, spell, measure)
    : stepsBack(review, spell, measure);
};

/** Days missed in the last week, but for those that were more than a few in a row. */
function lately(review: Review): readonly DayReviewed[] {
  const { days, today } = review;
  const many = lastSpell(review)?.days ?? [];
  return days.filter(
    (each) =>
      each.done.state === 'missed' &&
      each.day.date >= addDays(today, -WEEK) &&
      !many.includes(each),
  );
}

/** Nothing changes for a few days, unless what was run falls so short that the climb goes on from it. */
function goOn(review: Review, measure: Measure): Proposal[] {
  const days = lately(review);
  if (days.length === 0 || carryOn(review, measure).length > 0) return [];
  const many = days.length === 1 ? 'One day' : `${days.length} days`;
  return [
    {
      key: 'go-on',
      title: 'Carry on as planned',
      because: `${many} of running missed cost nothing that shows. The plan stays as it is.`,
      command: undefined,
    },
  ];
}

/** With race week alone to come, or under way, nothing is left to be laid otherwise. */
function beforeTheRace({ length }: MissedSpell): Proposal {
  return {
    key: 'before-the-race',
    title: 'Leave the last days as they are',
    because: `${length} days without running. None of it is made up before the race. Look at the goal again.`,
    command: undefined,
  };
}

function aLighterWeek(review: Review, spell: MissedSpell, measure: Measure): Proposal[] {
  const { block, rules } = review;
  const [next] = weeksToCome(review);
  if (!next) return [];
  const { afterSome } = rules.diary;
  const isLight =
    next.recovery || next.taperShare < 1 || next.running <= afterSome || isLowered(review, next);
  if (isLight) return [lightAlready(spell, next, measure)];
  const half = addDays(next.start, HALF_WEEK);
  const quiet = daysFrom(block, firstOpenDay(review), addDays(half, -1));
  const { days } = withoutHard(block, quiet);
  const held = { week: next, volume: lightened(review, next), longRun: afterSome * next.longRun };
  const rest = daysFrom(block, half, addDays(next.start, WEEK - 1));
  const { change } = weeksHeldAt(block, [held], stillHard(days, rest));
  const volume = change.pins.find(({ week }) => week === next.number)?.volume ?? 0;
  return [
    {
      key: 'lighter-week',
      title: `Week ${next.number} at ${formatPlain(volume, measure)}, nothing hard before its second half`,
      because: `${spell.length} days without running: the next week at ${formatPercent(afterSome)} of its plan at most, and what was missed stays missed.`,
      command: {
        change,
        message: `Made week ${next.number} lighter after ${spell.length} missed days.`,
      },
    },
  ];
}

/** The rule's part of a week, and no more than one of rest holds: the climb goes on from before it. */
function lightened({ block, rules }: Review, next: Week): number {
  return Math.min(rules.diary.afterSome * next.volume, mostOfRest(block, next));
}

/** Policy: a fixed week of less than this of the heaviest before it has been made lighter already. */
const LOWERED = 0.9;

/** True for a fixed week that is lighter than those before it, as this proposal makes it. */
function isLowered({ block: { weeks } }: Review, { number, volume, volumeRule }: Week): boolean {
  const before = weeks.filter((week) => week.number < number && isBase(week));
  const most = Math.max(0, ...before.map((week) => week.volume));
  return volumeRule === 'pin' && volume < LOWERED * most;
}

/** A week so light is one of rest: its hard days are named, so that they stand. */
function stillHard(fixed: readonly FixedDay[], days: readonly Day[]): FixedDay[] {
  const hard = days.filter(({ role, swap }) => role === 'quality' && !swap);
  return hard.reduce<FixedDay[]>(
    (kept, { date }) => withFixedDay(kept, date, { role: 'quality' }),
    [...fixed],
  );
}

/** A week of rest, or with days away, is light already; one that is fixed stays, by this proposal or before it. */
function lightAlready(spell: MissedSpell, next: Week, measure: Measure): Proposal {
  const isFixed = next.volumeRule === 'pin';
  const why = isFixed
    ? `is fixed already, at ${formatPlain(next.volume, measure)}`
    : next.recovery
      ? 'is a recovery week already'
      : 'is light already';
  return {
    key: 'lighter-week',
    title: `Leave week ${next.number} as it is`,
    because: `${spell.length} days without running. Week ${next.number} ${why}; what was missed stays missed.`,
    command: undefined,
  };
}

/** As many steps as weeks were lost, of the last whole week; the climb goes on from there. */
function stepsBack(review: Review, spell: MissedSpell, measure: Measure): Proposal[] {
  const { block, rules } = review;
  const { full, steps } = stepsOf(review, spell);
  const [next] = steps;
  if (!next) return [];
  const quiet = daysFrom(block, firstOpenDay(review), addDays(next.week.start, 6));
  const step = layoutStep(block.spec.athlete, rules);
  const held = weeksHeldAt(block, steps, withoutHard(block, quiet).days);
  const { week: last } = steps.at(-1) ?? next;
  const { change, words } = withRecoveryAfter(block, held.change, last.number);
  const parts = steps.map(({ part }) => formatPercent(part)).join(', ');
  const volumes = steps.map(({ volume }) => formatPlain(step * Math.floor(volume / step), measure));
  return [
    {
      key: 'steps-back',
      title: `Back in ${steps.length === 1 ? 'one step' : `${steps.length} steps`}: ${volumes.join(', ')}`,
      because: `${spell.length} days without running: ${parts} of the last whole week (${formatPlain(full, measure)}), easy in the first, then the climb goes on from what is held.${held.words}${words} Look at the goal again.`,
      command: {
        change,
        message: `Came back by steps after ${spell.length} missed days.`,
      },
    },
  ];
}

/** The steps, and the last week that was run whole before the days missed; amounts in m or s. */
function stepsOf(review: Review, { from, length }: MissedSpell) {
  const { spec } = review.block;
  const before = review.weeks.filter(({ week }) => addDays(week.start, week.length) <= from);
  const { light, stepsBack } = review.rules.diary;
  const last = before.findLast((each) => isMeasure(each) && each.run >= light * each.planned);
  const full = last ? Math.min(last.run, last.planned) : spec.volume.start;
  const longRun = last?.week.longRun ?? spec.longRun.start;
  const { first, second, third } = stepsBack;
  const parts = [first, second, third].slice(0, Math.ceil(length / WEEK));
  const ahead = wholeWeeksToCome(review);
  // A week of rest is none to climb on from: the last step is held for one more.
  const upTo = ahead.findIndex(
    ({ recoveryDue }, index) => index >= parts.length - 1 && !recoveryDue,
  );
  const coming = ahead.slice(0, upTo < 0 ? parts.length : upTo + 1);
  const steps = coming.map((week, index) => {
    const part = parts[index] ?? parts.at(-1) ?? third;
    const volume = Math.min(week.volume, part * full);
    // The climb goes on from the last of them.
    const restart = index === coming.length - 1 ? (true as const) : undefined;
    return { week, part, volume, longRun: Math.min(week.longRun, part * longRun), restart };
  });
  return { full, steps };
}
