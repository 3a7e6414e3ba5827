import {
  capital,
  formatHours,
  formatPercent,
  formatFinePercent,
  formatPlain,
  formatWithUnit,
} from '../../base/format/index.js';
import { growthSchools } from '../../layout/schools/index.js';
import { quantum } from '../../base/index.js';
import { climbBegins, cutBeforeRace, restarts, wholeWeek } from '../../layout/index.js';
import {
  type Block,
  isBase,
  type LongRunRule,
  type VolumeRule,
  type Week,
} from '../../layout/block/index.js';
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
  const heaviest = block.weeks
    .slice(climbBegins(block.spec, block.weeks))
    .reduce((most, next) => (next.volume > most.volume ? next : most));
  const left = partOf(week.volume, heaviest.volume);
  const now = sayVolume(shown, week.number);
  const of = last ? wholeWeek(block.spec, last) : volume.start;
  const messages: Readonly<Record<VolumeRule, () => string>> = {
    start: () => `The starting volume.`,
    'short-first-week': () => `${week.length} of 7 days at the starting volume of ${start}.`,
    pin: () =>
      restarts(block.spec, week)
        ? 'Fixed; kept exactly. The block rebuilds from here.'
        : 'Fixed; kept exactly.',
    rise: () => riseWords(block, week, { before: of, over, now }),
    peak: () => `The peak: ${now}, ${partWords(week.volume, of)} ${over}.`,
    held: () => 'Held at the top.',
    're-entry': () => `Resumes at the last building week, ${over}.`,
    recovery: () =>
      `Recovery: ${now}, ${formatPercent(Math.max(0, 1 - partOf(week.volume, of)))} off ${over}.`,
    event: () => eventWords(week, { over, now }),
    steady: () => 'The long run, and the runs of mid-week as they always are.',
    bounded: () =>
      'As much as its runs hold beside this long run: none of them passes the house rule’s part of it.',
    taper: () =>
      `Taper: ${now}, ${formatPercent(left)} of the heaviest week’s ${sayVolume(shown, heaviest.number)}.`,
    race: () => raceWords(block, left, sayVolume(shown, heaviest.number)),
  };
  const ran = week[block.spec.athlete.basis];
  const differs = Math.abs(ran - week.volume) >= quantum(shown.measure) / 2;
  const words = messages[week.volumeRule]();
  return differs
    ? `${words} Fixed and swapped days make it ${sayVolume(shown, week.number)}.`
    : words;
}

/** Race week's cut, on the days before the race and on the whole of the heaviest week. */
function raceWords(block: Block, part: number, heaviest: string): string {
  const onDays = cutBeforeRace(block)?.cut;
  const less = `${formatPercent(Math.max(0, 1 - part))} less than`;
  if (onDays === undefined || onDays <= 0)
    return `Beside the race: ${less} the heaviest week’s ${heaviest}.`;
  return `Beside the race: ${formatPercent(onDays)} less than the same six days of the heaviest week, long run aside; ${less} its ${heaviest}.`;
}

/** Why a week's long run is as long as it is, in one sentence. */
export function whyLongRun({ spec, easyPace }: Block, week: Week): string {
  const share = formatPercent(partOf(week.longRun, week.volume));
  const say = (amount: number) => formatPlain(amount, spec.athlete);
  const ofWeek = `${say(week.longRun)} of ${say(week.volume)}, ${share}`;
  const isOverPeak = week.volumeRule === 'pin' && week.volume > spec.volume.peak;
  const seconds = spec.athlete.basis === 'time' ? week.longRun : (week.longRun * easyPace) / 1000;
  const feet = `about ${formatHours(seconds)} on the feet`;
  const messages: Readonly<Record<LongRunRule, string>> = {
    start: `The first long run, ${feet}.`,
    pin: `Fixed; kept exactly. ${capital(feet)}.`,
    rung: `A rung of the ladder to the peak, ${feet}.`,
    peak: `The peak of the ladder, ${feet}.`,
    longest: isOverPeak
      ? `Longer, as its week is more than the peak: ${ofWeek}; ${feet}.`
      : `Long enough that no other run of the week comes too near it, ${feet}.`,
    raced: 'The tune-up race is this week’s long run.',
    'share-cap':
      week.volumeRule === 'event'
        ? `Cut for what stands in this week: ${ofWeek}; ${feet}.`
        : `Held by its share of the week: ${ofWeek}; ${feet}.`,
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

/** The volumes that a rise is between: the last building week's as it was and in words, and the new one. */
interface Rise {
  before: number;
  over: string;
  now: string;
}

/** A rise in the arithmetic of its school. */
function riseWords({ spec }: Block, week: Week, { before, over, now }: Rise): string {
  const { growth, start, peak } = spec.volume;
  const { title } = growthSchools[growth.school];
  const say = (amount: number) => formatPlain(amount, spec.athlete);
  const full = wholeWeek(spec, week);
  const way = `${now}, ${partWords(full, before)} ${over}`;
  switch (growth.school) {
    case 'percentage':
      return `${title}: ${way}; ${formatPercent(growth.cap)} is the most.`;
    case 'fixed-step':
      return `${title}: ${way}; a step is ${say(growth.step)}.`;
    case 'step-and-hold':
      return full > before * (1 + LEVEL)
        ? `${title}: ${way}; a step is ${say(growth.step)}, and is held ${growth.hold} weeks.`
        : `${title}: ${now}, held at ${over}; each step is held ${growth.hold} weeks.`;
    case 'straight-to-peak':
      return `${title}: ${way}; from ${say(start)} to ${say(peak)} in ${growth.rises === 1 ? 'one rise' : `${growth.rises} rises`}.`;
    case 'alternating':
      return full >= before
        ? `${title}: ${way}; the week after goes ${formatPercent(growth.wayBack)} back.`
        : `${title}: ${way}, part of the way back from the rise before.`;
  }
}

/** One amount in another; none of nothing. */
function partOf(part: number, whole: number): number {
  return whole > 0 ? part / whole : 0;
}

/** Of a volume: less is the same. */
const LEVEL = 0.001;

/** What a week is against another: `5.5% up from`, `level with`. */
function partWords(now: number, before: number): string {
  const part = before > 0 ? partOf(now, before) - 1 : 0;
  if (Math.abs(part) <= LEVEL) return 'level with';
  return `${formatFinePercent(Math.abs(part))} ${part > 0 ? 'up from' : 'down from'}`;
}

function eventWords({ events, running }: Week, { over, now }: Pick<Rise, 'over' | 'now'>): string {
  const names = events.map(({ name }) => name).join(', ') || 'Days around a race or an illness';
  const part = formatPercent(running);
  return running > 1
    ? `${names}: ${now}, ${part} of ${over} as asked; the climb goes on from before it.`
    : `${names}: ${now}, where at most ${part} of ${over} is left; none of it is made up later.`;
}
