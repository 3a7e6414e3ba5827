import { formatDuration, formatPercent, formatWithUnit } from '../../base/format/index.js';
import { growthSchools } from '../../layout/schools/index.js';
import { quantum } from '../../base/index.js';
import {
  type Block,
  isBase,
  type LongRunRule,
  type VolumeRule,
  type Week,
} from '../../layout/index.js';
import { sayVolume } from '../figures/say.js';
import type { ShownBlock } from '../figures/show.js';

/** Why a week's volume is what it is, in one sentence; other weeks are named by their shown figures. */
export function whyVolume(block: Block, week: Week, shown: ShownBlock): string {
  const { volume } = block.spec;
  const start = formatWithUnit(volume.start, {
    ...shown.measure,
    basis: block.spec.athlete.basis,
  });
  const last = block.weeks.slice(0, week.number - 1).findLast(isBase);
  const over = last
    ? `${sayVolume(shown, last.number)} in week ${last.number}`
    : `the start of ${start}`;
  const heaviest = block.weeks.reduce((most, next) => (next.volume > most.volume ? next : most));
  const left = formatPercent(week.volume / heaviest.volume);
  const messages: Readonly<Record<VolumeRule, () => string>> = {
    start: () => `The starting volume.`,
    'short-first-week': () => `${week.length} of 7 days at the starting volume of ${start}.`,
    pin: () => 'Pinned by you; kept exactly.',
    rise: () =>
      `${growthSchools[volume.growth.school].title}: up from ${over}, at most ${formatPercent(volume.growth.cap)}.`,
    peak: () => `The peak you asked for, up from ${over}.`,
    held: () => 'Held at the top.',
    're-entry': () => `Resumes at the last building week, ${over}.`,
    recovery: () => `Recovery: ${formatPercent(volume.recovery.depth)} off ${over}.`,
    event: () => eventWords(week, over),
    steady: () => 'The long run, and the runs of mid-week as they always are.',
    taper: () => `Taper: ${left} of the heaviest week, ${sayVolume(shown, heaviest.number)}.`,
    race: () => `Running around the race: ${left} of the heaviest week; the race is not counted.`,
  };
  const ran = week[block.spec.athlete.basis];
  const differs = Math.abs(ran - week.volume) >= quantum(shown.measure) / 2;
  const words = messages[week.volumeRule]();
  return differs
    ? `${words} Fixed and swapped days make it ${sayVolume(shown, week.number)}.`
    : words;
}

/** Why a week's long run is as long as it is, in one sentence. */
export function whyLongRun({ spec, easyPace }: Block, week: Week): string {
  const seconds = spec.athlete.basis === 'time' ? week.longRun : (week.longRun * easyPace) / 1000;
  const feet = `about ${formatDuration(60 * Math.round(seconds / 60)).replace(/:00$/, '')} h on the feet`;
  const messages: Readonly<Record<LongRunRule, string>> = {
    start: `The first long run, ${feet}.`,
    pin: `Pinned by you; kept exactly. ${capital(feet)}.`,
    rung: `A rung of the ladder to the peak, ${feet}.`,
    peak: `The peak of the ladder, ${feet}.`,
    'share-cap': `Held by its share of the week, ${feet}.`,
    'time-cap': `Held by time on feet, ${feet}.`,
    'growth-cap': `As much longer as a long run may grow, ${feet}.`,
    recovery: `Recovery: shorter by as much as the week, ${feet}.`,
    event: `Cut for what stands in this week, ${feet}.`,
    'after-peak': `Coming down from the peak, ${feet}.`,
    'no-day': 'No day of this week is free for it.',
    race: 'The race.',
  };
  return messages[week.longRunRule];
}

function eventWords({ events, running }: Week, over: string): string {
  const names = events.map(({ name }) => name).join(', ') || 'Days around a race or an illness';
  return `${names}: ${formatPercent(running)} of ${over}; none of it is made up later.`;
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
