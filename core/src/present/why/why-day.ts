import { formatPercent, formatSteps } from '../../base/format/index.js';
import { type DayRole, dayRoleWords } from '../../spec/days/index.js';
import { unitName } from '../../base/index.js';
import { crossWords, type HouseRules } from '../../rules/index.js';
import type { Day, DayRule, Week } from '../../layout/index.js';
import type { ShownBlock } from '../figures/show.js';

/** Why a day holds what it holds, in one sentence, in the figures shown. */
export function whyDay(week: Week, day: Day, shown: ShownBlock, rules: HouseRules): string {
  const figures = shown.weeks[week.number - 1];
  const { measure } = shown;
  const say = (steps: number) => `${formatSteps(steps, measure)} ${unitName(measure)}`;
  const [session] = day.sessions;
  const shared = week.days.filter(({ rule }) => rule === 'share').length;
  const left = (figures?.volume ?? 0) - sharedOut();
  const messages: Readonly<Record<DayRule, () => string>> = {
    rest: () => 'Rest.',
    away: () => 'Away: no running, and none of it made up.',
    race: () => 'As long as the race or test itself.',
    long: () => `The long run: ${say(figures?.longRun ?? 0)} of ${say(figures?.volume ?? 0)}.`,
    pin: () => 'Pinned by you; kept exactly.',
    session: () => `${familyWords()}, with room to warm up and cool down.`,
    'own-session': () => 'As long as the session you wrote.',
    share: () =>
      `${weightWords(day.role, rules)}: its part of the ${say(left)} that ${shared} ${shared === 1 ? 'day shares' : 'days share'}.`,
    cross: () => `${Math.round(day.cross.time / 60)} min of cross-training, by the house rule.`,
    swap: () =>
      `${day.swap ? crossWords[day.swap.kind].title : ''} instead of ${dayRoleWords[day.role]}, minute for minute (${day.swap?.reason ?? ''}).`,
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
    return family ? `${family.name}, time ${family.exposure}` : 'Its session';
  }
}

function weightWords(role: DayRole, { week }: HouseRules): string {
  const weights: Partial<Readonly<Record<DayRole, number>>> = {
    quality: week.quality,
    'semi-long': week.semiLong,
    'short-easy': week.shortEasy,
    recovery: week.recoveryRun,
  };
  const weight = weights[role];
  const name = dayRoleWords[role];
  const words = `${name.charAt(0).toUpperCase()}${name.slice(1)}`;
  return weight === undefined ? words : `${words}, ${formatPercent(weight)} of an easy day`;
}
