import { formatPercent, formatSteps } from '../../base/format/index.js';
import { type DayRole, dayRoleWords } from '../../spec/days/index.js';
import { unitName } from '../../base/index.js';
import { crossWords, type HouseRules } from '../../rules/index.js';
import { type Day, type DayRule, mainOf, type Week } from '../../layout/block/index.js';
import type { ShownBlock } from '../figures/show.js';

/** Why a day holds what it holds, in one sentence, in the figures shown. */
export function whyDay(week: Week, day: Day, shown: ShownBlock, rules: HouseRules): string {
  const figures = shown.weeks[week.number - 1];
  const { measure } = shown;
  const say = (steps: number) => `${formatSteps(steps, measure)} ${unitName(measure)}`;
  const session = mainOf(day);
  const shared = week.days.filter(({ rule }) => rule === 'share').length;
  const left = (figures?.volume ?? 0) - sharedOut();
  const messages: Readonly<Record<DayRule, () => string>> = {
    rest: () => 'Rest.',
    away: () =>
      week.running >= 1
        ? 'Away: the week loses nothing by it.'
        : 'Away: no running, and none of it made up.',
    race: () => 'As long as the race or test itself.',
    long: () => `The long run: ${say(figures?.longRun ?? 0)} of ${say(figures?.volume ?? 0)}.`,
    pin: () => 'Fixed; kept exactly.',
    session: () => `${familyWords()}, with room to warm up and cool down.`,
    'own-session': () => 'As long as the session you wrote.',
    share: () =>
      cutWords(week) ??
      `${placeWords(week, day, rules)}: its part of the ${say(left)} that ${shared} ${shared === 1 ? 'day shares' : 'days share'}.`,
    cross: () => `${Math.round(day.cross.time / 60)} min of cross-training, by the house rule.`,
    swap: () =>
      `${day.swap ? crossWords[day.swap.kind].title : ''} instead of ${dayRoleWords[day.role]}, minute for minute (${day.swap?.reason === 'indoors' ? 'you asked for fewer outdoor runs' : (day.swap?.reason ?? '')}).`,
  };
  return messages[day.rule]();

  /** What is fixed before the runs share: the shown figures of all other days. */
  function sharedOut(): number {
    return week.days.reduce(
      (total, { rule }, index) => total + (rule === 'share' ? 0 : (figures?.days[index] ?? 0)),
      0,
    );
  }

  function familyWords(): string {
    const family = session?.family;
    return family ? `${family.name}, exposure ${family.exposure}` : 'Its session';
  }
}

/** What a run is cut from in a week that rests or tapers; undefined in a week that stands for itself. */
function cutWords({ taperShare, recovery, volumeRule, running }: Week): string | undefined {
  if (volumeRule === 'pin') return undefined;
  if (taperShare < 1) return 'Cut by the taper, against the same weekday of the heaviest week.';
  if (recovery) return 'Shorter than on the same weekday of the last building week.';
  // A camp that asks for more cuts nothing.
  if (volumeRule !== 'event' || running > 1) return undefined;
  return 'No longer than on the same weekday of the last building week: nothing missed is made up.';
}

/** What a day weighs by its role, else by its place beside the long run. */
function placeWords({ days }: Week, day: Day, { week }: HouseRules): string {
  const weights: Partial<Readonly<Record<DayRole, number>>> = {
    quality: week.quality,
    'semi-long': week.semiLong,
    'short-easy': week.shortEasy,
    recovery: week.recoveryRun,
  };
  const name = dayRoleWords[day.role];
  const words = `${name.charAt(0).toUpperCase()}${name.slice(1)}`;
  const long = days.findIndex(({ role }) => role === 'long');
  const since = long < 0 ? 0 : (days.indexOf(day) - long + days.length) % days.length;
  const place = day.role === 'easy' ? placeOf(since, days.length - since, week) : undefined;
  const weight = weights[day.role] ?? place?.weight;
  const where = place ? `, ${place.words}` : '';
  return weight === undefined ? words : `${words}${where}, ${formatPercent(weight)} of an easy day`;
}

/** A day's place beside the long run, as the house rules weigh it; undefined where it is a plain one. */
function placeOf(since: number, until: number, week: HouseRules['week']) {
  if (since === 1) return { words: 'the day after the long run', weight: week.afterLong };
  if (since === 2) return { words: 'two days after the long run', weight: week.secondAfterLong };
  return since >= 3 && until >= 3 ? { words: 'in mid-week', weight: week.midweek } : undefined;
}
