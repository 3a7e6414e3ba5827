import { formatHours, formatPercent, formatWithUnit } from '../../base/format/index.js';
import { growthSchools } from '../../layout/schools/index.js';
import { quantum } from '../../base/index.js';
import {
  type Block,
  cutBeforeRace,
  isBase,
  type LongRunRule,
  type VolumeRule,
  type Week,
  wholeWeek,
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
  const left = formatPercent(heaviest.volume > 0 ? week.volume / heaviest.volume : 0);
  const messages: Readonly<Record<VolumeRule, () => string>> = {
    start: () => `The starting volume.`,
    'short-first-week': () => `${week.length} of 7 days at the starting volume of ${start}.`,
    pin: () => 'Pinned by you; kept exactly.',
    rise: () => riseWords(block, week, over),
    peak: () => `The peak, up from ${over}.`,
    held: () => 'Held at the top.',
    're-entry': () => `Resumes at the last building week, ${over}.`,
    recovery: () => `Recovery: ${formatPercent(volume.recovery.depth)} off ${over}.`,
    event: () => eventWords(week, over),
    steady: () => 'The long run, and the runs of mid-week as they always are.',
    bounded: () =>
      'As much as its runs hold beside this long run: none of them passes the house rule’s part of it.',
    taper: () => `Taper: ${left} of the heaviest week, ${sayVolume(shown, heaviest.number)}.`,
    race: () => raceWords(block, week.volume / heaviest.volume),
  };
  const ran = week[block.spec.athlete.basis];
  const differs = Math.abs(ran - week.volume) >= quantum(shown.measure) / 2;
  const words = messages[week.volumeRule]();
  return differs
    ? `${words} Fixed and swapped days make it ${sayVolume(shown, week.number)}.`
    : words;
}

/** Race week's cut, on the days before the race and on the whole of the heaviest week. */
function raceWords(block: Block, part: number): string {
  const onDays = cutBeforeRace(block)?.cut;
  const ofWeek = `${formatPercent(Math.max(0, 1 - part))} less than the heaviest week`;
  if (onDays === undefined || onDays <= 0)
    return `Running around the race, which is not counted: ${ofWeek}.`;
  return `Running around the race, which is not counted: ${formatPercent(onDays)} less than on the same six days of the heaviest week without its long run, ${ofWeek} in all.`;
}

/** Why a week's long run is as long as it is, in one sentence. */
export function whyLongRun({ spec, easyPace }: Block, week: Week): string {
  const seconds = spec.athlete.basis === 'time' ? week.longRun : (week.longRun * easyPace) / 1000;
  const feet = `about ${formatHours(seconds)} on the feet`;
  const messages: Readonly<Record<LongRunRule, string>> = {
    start: `The first long run, ${feet}.`,
    pin: `Pinned by you; kept exactly. ${capital(feet)}.`,
    rung: `A rung of the ladder to the peak, ${feet}.`,
    peak: `The peak of the ladder, ${feet}.`,
    longest: `Long enough that no other run of the week comes too near it, ${feet}.`,
    raced: 'The race on the way is this week’s long run.',
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

/** A rise as its school takes it: up, level or down, and under a cap only where the school keeps one. */
function riseWords({ weeks, spec }: Block, week: Week, over: string): string {
  const { growth, start } = spec.volume;
  const school = growthSchools[growth.school];
  const last = weeks.slice(0, week.number - 1).findLast(isBase);
  const before = last ? wholeWeek(spec, last) : start;
  const now = wholeWeek(spec, week);
  const way = now > before ? 'up from' : now < before ? 'down from' : 'level with';
  const cap = school.keepsCap ? `, at most ${formatPercent(growth.cap)}` : '';
  return `${school.title}: ${way} ${over}${cap}.`;
}

function eventWords({ events, running }: Week, over: string): string {
  const names = events.map(({ name }) => name).join(', ') || 'Days around a race or an illness';
  return `${names}: ${formatPercent(running)} of ${over}; none of it is made up later.`;
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
