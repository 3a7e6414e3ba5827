import type { CheckedBlock } from '@nadir/core';
import { formatHours, formatPercent, formatPlain, plural } from '@nadir/core/base/format';
import { weekWords } from '@nadir/core/edit';
import {
  growthSchools,
  longRunLadders,
  phaseLayouts,
  taperSchools,
} from '@nadir/core/layout/schools';
import type { Reasons } from '@nadir/core/present';
import type { ResolvedSpec } from '@nadir/core/spec';

/** What a one-line answer is about. */
export type Topic =
  'athlete' | 'weeks' | 'volume' | 'longRun' | 'recovery' | 'taper' | 'week' | 'rules';

export const topicTitles: Readonly<Record<Topic, string>> = {
  athlete: 'Athlete',
  weeks: 'Weeks and phases',
  volume: 'Volume',
  longRun: 'Long run',
  recovery: 'Recovery weeks',
  taper: 'Taper',
  week: 'The week',
  rules: 'Rules of this block',
};

/** The answer in words, in one line. */
export function answerWords(topic: Topic, spec: ResolvedSpec): string {
  const { athlete, volume, longRun, taper, week, phases, weeks } = spec;
  const say = (amount: number) => formatPlain(amount, athlete);
  switch (topic) {
    case 'athlete': {
      const marks = [
        athlete.oftenHurt && 'often hurt',
        athlete.injured && 'injured',
        athlete.unavailable.length > 0 &&
          `not on ${athlete.unavailable.map(capitalDay).join(', ')}`,
        athlete.birthYear !== undefined && `born ${athlete.birthYear}`,
      ].filter(Boolean);
      const by = athlete.basis === 'time' ? 'counted in minutes' : `counted in ${athlete.unit}`;
      return [by, ...marks].join(', ');
    }
    case 'weeks': {
      const own =
        phases.layout === 'own'
          ? 'your own phases'
          : phaseLayouts[phases.layout].title.toLowerCase();
      return `${plural(weeks, 'week')}, ${own}`;
    }
    case 'volume':
      return `${say(volume.start)} to ${say(volume.peak)}, ${growthSchools[volume.growth.school].title.toLowerCase()}`;
    case 'longRun':
      return `${say(longRun.start)} to ${say(longRun.peak)}, ${longRunLadders[longRun.ladder].title.toLowerCase()}`;
    case 'recovery':
      if (volume.recovery.weeks?.length) return weekWords(volume.recovery.weeks);
      if (volume.recovery.weeks) return 'none';
      return volume.recovery.every === 'none'
        ? 'none'
        : `every ${volume.recovery.every} weeks, cut by ${formatPercent(volume.recovery.depth)}`;
    case 'taper':
      return taperSchools[taper.school].title.toLowerCase();
    case 'week':
      return week.days
        ? 'by your own roles'
        : `${plural(week.runDays, 'run')}; quality ${week.qualityOn.map(capitalDay).join(', ') || 'none'}; long run ${capitalDay(week.longRunOn)}`;
    case 'rules': {
      const own = Object.keys(spec.overrides.values).length;
      return own === 0 ? 'as in the house rules' : plural(own, 'rule') + ' of its own';
    }
  }
}

/** Why the answers of a topic are what they are, in one go. */
export function topicReason(topic: Topic, reasons: Reasons): string {
  const KEYS: Partial<Record<Topic, readonly (keyof Reasons)[]>> = {
    weeks: ['weeks', 'layout'],
    volume: ['start', 'peak', 'growth'],
    longRun: ['longRunStart', 'longRunPeak', 'lastPeakWeeksOut'],
    recovery: ['recovery'],
    taper: ['taper'],
    week: ['runDays', 'qualityOn'],
  };
  return [...new Set((KEYS[topic] ?? []).map((key) => reasons[key]))].join(' ');
}

/** The weeks of the drawing that an answer is about. */
export function topicWeeks(topic: Topic, { weeks }: CheckedBlock): number[] {
  const most = Math.max(...weeks.map(({ volume }) => volume));
  const longest = Math.max(...weeks.map(({ longRun }) => longRun));
  const chosen = weeks.filter((week) => {
    switch (topic) {
      case 'volume':
        return week.number === 1 || week.volume === most;
      case 'longRun':
        return week.longRun === longest;
      case 'recovery':
        return week.recovery;
      case 'taper':
        return week.taperShare < 1;
      default:
        return false;
    }
  });
  return chosen.map(({ number }) => number);
}

/** The block in a headline: `From 41 to 61 km, and 34% lighter on race morning.` */
export function headline({ spec, weeks }: CheckedBlock): string {
  const say = (amount: number) => formatPlain(amount, spec.athlete);
  const most = Math.max(...weeks.map(({ volume }) => volume));
  const longest = Math.max(...weeks.map(({ longRun }) => longRun));
  const feet = weeks.find(({ longRun }) => longRun === longest);
  const long = feet?.days.find(({ role }) => role === 'long')?.time ?? 0;
  const hours = long > 0 ? `, about ${formatHours(long)}` : '';
  return `From ${say(weeks[0]?.volume ?? 0)} to ${say(most)} in ${plural(weeks.length, 'week')}; longest run ${say(longest)}${hours}.`;
}

function capitalDay(day: string): string {
  return `${day.charAt(0).toUpperCase()}${day.slice(1, 3)}`;
}
