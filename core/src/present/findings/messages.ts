import {
  dayWords,
  formatDuration,
  formatHours,
  formatPace,
  formatPercent,
  formatFinePercent,
  formatPlain,
  formatWithUnit,
  plural,
  weeksText,
} from '../../base/format/index.js';
import { ceilTo, floorTo, metresPer, quantum, type Unit } from '../../base/index.js';
import { raceClass } from '../../rules/index.js';
import type { CheckCode, CheckContext } from '../../checks/index.js';
import { longRunFeasibility, mostOfARise, waysToPeak } from '../../layout/index.js';
import type { Week } from '../../layout/block/index.js';
import { sayLongRun, sayVolume } from '../figures/say.js';
import { dayMessages } from './day-messages.js';
import { apart, finelyApart, sharesApart } from './apart.js';
import type { Found, Message, MessageContext } from './message-of.js';
import { listWords, weekWords, where, worstOf } from './where.js';

/** The words of every check, in one place. */
export const messages: Readonly<Record<CheckCode, Message>> = {
  ...dayMessages,
  'under-18-week': (found, context) =>
    `${where(found)}: ${volumeOf(found, context)}; the house rule for under-18s is ${limitOf(found, context)}. Growing bodies are hurt by load before they show it. Talk to the guardian, and to a doctor or physiotherapist about any pain.`,
  'not-feasible': (found, context) =>
    `The block tops out at ${volumeOf(found, context)}, not ${limitOf(found, context)}. ${peakWaysOut(found, context)}`,
  'growth-over-cap': (found, context) =>
    `${where(found)}: ${overPercent(found.value, found.limit)} above ${capWords(found, context)}. Steep weeks are where soreness starts.`,
  'start-above-held': (found, context) =>
    `Week 1 is ${volumeOf(found, context)}; the most of the last weeks is ${limitOf(found, context)}. Hold the starting volume two or three easy weeks before day one.`,
  'long-run-grown-too-fast': (found, context) =>
    `${where(found)}: ${longRunOf(found, context)}; after the longest before it ${limitOf(found, context)} is the most.`,
  'long-run-over-time': (found) =>
    `${where(found)}: ${formatDuration(found.value)} at easy pace; ${formatDuration(found.limit)} on the feet is the limit. Beyond it the cost outgrows the gain.`,
  'long-run-near-race': ({ value, limit }) =>
    `The last peak long run is ${fromRace(value)}; ${limit} days before it at least leave time to recover.`,
  'no-recovery-week': (found) =>
    `${where(found)}: ${found.value} building weeks in a row; after ${found.limit} the body is owed an easier one.`,
  'too-long-at-peak': ({ value, limit, weeks }) =>
    `${weekWords(weeks)} hold ${value} weeks near the peak; ${limit} are enough. Long stays at the top are where injuries start.`,
  'taper-too-shallow': (found) =>
    `Race week ${found.value < 0 ? `is ${percent(-found.value)} above` : `is cut by ${sharesApart(found).value} from`} the peak week; this taper cuts it by ${sharesApart(found).limit} at least. Legs may still be heavy on race day.`,
  'taper-too-deep': (found) =>
    `Race week is cut by ${sharesApart(found).value} from the peak week; this taper cuts it by ${sharesApart(found).limit} at most. Legs may feel flat.`,
  'block-too-short': ({ value, limit }, context) =>
    `${value} weeks; the ${distanceName(context)} wants ${limit} at least. Little room to adapt: keep the peak modest.`,
  'block-too-long': ({ value, limit }, context) =>
    `${value} weeks; for the ${distanceName(context)} it drags on after ${limit}. A break of easy running before day one may serve better.`,
  'long-run-over-share': (found, context) =>
    `${where(found)}: ${overPercent(found.value, found.limit)} of the week; your limit is ${percent(found.limit)}. The rest of the week is too light to carry it. ${shareWaysOut(found, context)}`,
  'long-run-held-down': (found, context) =>
    `The longest is ${longRunOf(found, context)}, not ${limitOf(found, context)}. ${longRunWaysOut(found, context)}`,
  'volume-low-for-distance': (found, context) =>
    `The heaviest week is ${volumeOf(found, context)}; ${limitOf(found, context)} is the least usual for the ${distanceName(context)}. Aim to finish well rather than fast.`,
  'fewer-run-days': ({ value, limit }) =>
    `${limit} run days asked, ${value} can be run: days away, rest days or too little volume for more. The week is spread over those.`,
  'hard-day-away': ({ value, limit }) =>
    `${value} of ${limit} long-run and quality days stand where you put them; the others moved to a free day, or were left out where no easy day stayed between.`,
  'own-phases-scaled': ({ value, limit }) =>
    `Your phases add up to ${value} weeks, the block has ${limit}: they were scaled to fit.`,
  'injured-hard-running': (found) =>
    `${where(found)}: a race or test for an athlete marked injured. No hard running until you lift the mark; whoever has pain belongs with a doctor or physiotherapist first.`,
  'return-too-quick': (found, context) =>
    `${returnWords(found, context)} Don’t make up what was missed; with fever or chest pain ask a doctor before any running.`,
  'race-after-illness': ({ value, limit }) =>
    `${plural(limit, 'day')} ill or hurt, and ${value === 0 ? 'none' : plural(value, 'day')} between them and the race: nothing hard is run for as long as it lasted. A doctor says whether to race; a later race is set under Edit plan.`,
  'under-18-hard-days': (found) =>
    `${where(found)}: ${found.value} hard days; the house rule for under-18s is ${found.limit}. Growing bodies need the days between.`,
  'jump-after-recovery': (found) =>
    `${where(found)}: ${overPercent(found.value, found.limit)} above the recovery week before it; ${percent(found.limit)} is the most. Rested legs hide a jump that is too large.`,
  'recovery-too-shallow': (found) =>
    `${where(found)}: ${found.value < 0 ? `${percent(-found.value)} above` : `${roughPercent(found.value)} off`} the last building week; under ${percent(found.limit)} it is not felt as rest.`,
  'recovery-has-hard-day': (found) =>
    `${where(found)}: ${found.value} hard ${found.value === 1 ? 'day' : 'days'}. A recovery week has none; a test belongs on its last days.`,
  'long-run-over-race': (found, context) =>
    `${where(found)}: ${longRunOf(found, context)}, never further than the marathon itself. Leave the distance to race day.`,
  'few-long-runs': ({ value, limit }) =>
    `${value} ${value === 1 ? 'run stands' : 'runs stand'} near the longest; ${limit} at least make it more than an experiment.`,
  'many-long-runs': ({ value, limit }) =>
    `${value} runs stand near the longest; after ${limit} each costs more than it gives.`,
  'long-run-no-day': (found) =>
    `${where(found)}: races, days off or away and what you fixed leave no day for the long run. It is left out, not made up.`,
  'hard-effort-near-race': (found, context) =>
    (found.each ?? [found]).map((each) => nearRaceWords(each, context)).join(' '),
  'tune-up-near-race': (found) =>
    `${where(found)}: ${found.value} days before the goal race; by its distance ${found.limit} at least leave time to recover.`,
  'races-too-close': (found, { block }) =>
    found.dates
      ? (found.each ?? [found]).map(closeWords).join(' ')
      : `${found.value} weeks after ${block.spec.previousRace?.name ?? 'the last goal race'}; by its distance ${found.limit} at least leave room for rest, return and a block.`,
  'peak-near-race': ({ value, limit }) =>
    `The last peak week is ${plural(value, 'week')} out; ${limit} at least, or it is still in the legs.`,
  'peak-far-from-race': ({ value, limit }) =>
    `The last peak week is ${value} weeks out; more than ${limit}, and the body has forgotten it.`,
  'taper-too-short': ({ value, limit }, context) =>
    `${value} days of taper; the ${distanceName(context)} wants ${limit} at least.`,
  'taper-too-long': ({ value, limit }, context) =>
    `${value} days of taper; for the ${distanceName(context)} ${limit} are enough, and fitness goes with the fatigue.`,
  'taper-run-days-dropped': (found) =>
    `${where(found)}: ${sharesApart(found).value} of the usual run days; ${sharesApart(found).limit} at least. Shorten runs rather than leave them out.`,
  'phase-too-short': (found) =>
    `${where(found)}: a phase of ${plural(found.value, 'week')}; under ${found.limit} there is no time to answer to it.`,
  'phase-left-out': ({ value, limit }) =>
    `The block has room for ${value} of ${limit} phases. Fewer phases, or more weeks.`,
  'recovery-week-left-out': ({ value, limit }) =>
    `${value} of ${limit} recovery weeks stand where you put them; none stands in week 1, in the taper or in the week before it.`,
  'light-weeks-together': (found) =>
    `${where(found)}: a recovery week right next to one that days away already make light. Those days are rest enough.`,
  'goal-far-from-fitness': (found, { block, figures, rules }) => {
    const { value, limit } = finelyApart(found);
    return `The goal asks for a pace ${value} quicker than the results say; at ${formatPercent(rules.paces.improvement)} a month, a rule of thumb, ${limit} is in reach (${goalWords(block, figures.measure.unit)}).`;
  },
  'easy-pace-too-fast': ({ value, limit }, { figures }) =>
    `Its quick end is ${gapWords(Math.abs(value), figures.measure.unit)} ${value < 0 ? 'quicker' : 'slower'} than marathon pace; it should be ${gapWords(limit, figures.measure.unit)} slower at least. Easy running that is too quick costs the hard days.`,
  'paces-stale': ({ value, limit }) =>
    `It is ${weeksText(value)} old; after ${plural(limit, 'week')} a result tells little of today. A test or a race would bring the paces up to date.`,
  'prediction-out-of-range': ({ value, limit }) =>
    `A result of ${formatDuration(value)} says little of ${formatDuration(limit)} at the race’s distance: the model holds from 3.5 minutes to 4 hours, at both ends. A result nearer to the race would tell more.`,
  'test-missing': ({ value, limit }) =>
    `${value} weeks go by without a test or a race; after ${limit} nobody knows whether the paces still fit.`,
  'test-too-late': (found) =>
    `${where(found)}: ${found.value} days before the goal race; under ${found.limit} there is no time to act on it.`,
  'race-in-the-past': ({ value }, { block }) =>
    `${block.spec.race.name} was ${plural(value, 'day')} ago. The block can be read; lay out a new one for the next race.`,
};

function returnWords(found: Found, context: MessageContext) {
  const days = listWords((found.dates ?? []).map(dayWords));
  if (found.about === 'hard') return `Hard running on ${days}: none for as many days as it lasted.`;
  if (found.about === 'first-run') {
    const { value, limit } = apart(found, context.figures.measure);
    return `The first run back, on ${days}, is ${value}; no longer than an easy day, ${limit}.`;
  }
  return `${where(found)}: ${overPercent(found.value, found.limit)} of the running before; the house rule is ${percent(found.limit)} for as long as it lasted.`;
}

function nearRaceWords(found: Found, context: MessageContext): string {
  const day = ranOn(found, context);
  return found.value === 1
    ? `${day}, on the eve of the race. Only a shake-out of 20 to 30 minutes belongs there.`
    : `${day}, ${found.value} days before the race; the last ${found.limit} days belong to rest.`;
}

function closeWords({ value, limit, dates = [] }: Found): string {
  return `${listWords(dates.map(dayWords))} are ${plural(value, 'day')} apart; by their distances ${limit} at least leave the first its easy days after and the second its own before.`;
}

/** Days counted from race day, before it or after. */
function fromRace(days: number): string {
  if (days === 0) return 'on race day';
  return `${plural(Math.abs(days), 'day')} ${days > 0 ? 'before' : 'after'} the race`;
}

/** What the worst week grew from, and how much it may: as the check has measured it. */
function capWords(found: Found, { block }: MessageContext): string {
  const { growth } = block.spec.volume;
  const { limit, weeks: at } = worstOf(found);
  const isFixed = block.weeks[(at[0] ?? 1) - 1]?.volumeRule === 'pin';
  const { weeks } = isFixed ? { weeks: 1 } : mostOfARise(growth, block.spec);
  const before =
    weeks > 1 ? `the heaviest of the ${weeks} building weeks` : 'the last building week';
  return limit > growth.cap
    ? `${before} before; a rise that stands for so many is ${percent(limit)} at most`
    : `${before}${weeks > 1 ? ' before' : ''}; your cap is ${percent(limit)}`;
}

/** What holds the peak down, or what would bring the block to it. */
function peakWaysOut(found: Found, context: MessageContext): string {
  const { growth, heldBy, step, tooSteep, weeks } = waysToPeak(context.block, context.today);
  const settle = `settle for ${volumeOf(found, context)}`;
  switch (heldBy) {
    case 'runs':
      return 'Its runs hold no more beside these long runs: a longer long run, or another run day, would.';
    case 'fixed-weeks':
      return 'Fixed weeks hold it down: free or raise them.';
    case 'days-away':
      return `Days away take the weeks that would reach it: ${settle}.`;
  }
  const ways = [
    settle,
    weeks === undefined ? '' : `add ${weekCount(weeks)}`,
    growth === undefined ? '' : `grow ${finePercent(growth)} a week`,
    step === undefined ? '' : `rise by ${amount(step, context)} a step`,
  ].filter(Boolean);
  const steep = tooSteep === undefined ? '' : ` It would take ${finePercent(tooSteep)} a week.`;
  return `${ways.length === 1 ? 'Way out' : 'Ways out'}: ${ways.join(', or ')}.${steep}`;
}

/** Of the worst week: the run that keeps the share, the week that does, the share that would do. */
function shareWaysOut(found: Found, { block, figures }: MessageContext): string {
  const { value, limit, weeks } = worstOf(found);
  const week = block.weeks[(weeks[0] ?? 1) - 1];
  const step = quantum(figures.measure);
  const run = formatWithUnit(floorTo((week?.volume ?? 0) * limit, step), figures.measure);
  const least = formatWithUnit(ceilTo((week?.longRun ?? 0) / limit, step), figures.measure);
  return `Ways out: a long run of ${run}, a week of ${least}, or a share of ${formatPercent(Math.ceil(value * 100 - 1e-6) / 100)}.`;
}

function longRunWaysOut(found: Found, context: MessageContext): string {
  const { block, rules, figures } = context;
  const ways = longRunFeasibility(block, rules);
  const { byGrowth, byTime, neededWeek, extraWeeks, neededRise, neededTime } = ways;
  // More weeks or larger rises are no way out where the week holds it down as well.
  const isGrowth = byGrowth && neededWeek === null;
  const held = [
    byGrowth ? 'how far it may grow from one long run to the next' : '',
    byTime ? `${formatHours(rules.longRun.mostTime)} on the feet` : '',
    neededWeek === null ? '' : 'its share of the week',
  ].filter(Boolean);
  if (held.length === 0) {
    return 'The weeks beside it hold it there: raise the peak week, or fix the run.';
  }
  const out = [
    `settle for ${longRunOf(found, context)}`,
    isGrowth && extraWeeks !== null ? `add ${weekCount(extraWeeks)}` : '',
    isGrowth && neededRise !== null
      ? `let it grow by ${formatPlain(neededRise, figures.measure)} each time`
      : '',
    byTime ? `allow ${formatHours(neededTime)}` : '',
    neededWeek === null
      ? ''
      : `build to ${formatWithUnit(ceilTo(neededWeek, quantum(figures.measure)), figures.measure)} a week`,
  ].filter(Boolean);
  const [first = '', ...rest] = listWords(held);
  return `${first.toUpperCase()}${rest.join('')} ${held.length === 1 ? 'holds' : 'hold'} it there. Ways out: ${out.join(', or ')}.`;
}

function weekCount(weeks: number): string {
  return `${weeks} ${weeks === 1 ? 'week' : 'weeks'}`;
}

function amount(value: number, { figures }: MessageContext): string {
  return formatWithUnit(value, figures.measure);
}

/** What is run on the day of a finding: `Saturday 17 April: 20 km, 3 min of it hard`. */
function ranOn({ dates: [date = ''] = [] }: Found, context: MessageContext): string {
  const { weeks, spec } = context.block;
  const day = weeks.flatMap(({ days }) => days).find((each) => each.date === date);
  const hard = Math.round((day?.hardTime ?? 0) / 60);
  const ran = amount(day?.[spec.athlete.basis] ?? 0, context);
  return `${dayWords(date)}: ${ran}${hard > 0 ? `, ${hard} min of it hard` : ''}`;
}

/** The volume that was measured: the figure that the coach reads in its week. */
function volumeOf(found: Found, context: MessageContext): string {
  const week = weekWith(found, context, ({ volume }) => volume);
  return week === undefined
    ? apart(found, context.figures.measure).value
    : sayVolume(context.figures, week);
}

/** The long run that was measured: the figure that the coach reads in its week. */
function longRunOf(found: Found, context: MessageContext): string {
  const week = weekWith(found, context, ({ longRun }) => longRun);
  return week === undefined
    ? apart(found, context.figures.measure).value
    : sayLongRun(context.figures, week);
}

/** The week that holds what was measured; none where its shown figure would be that of the limit. */
function weekWith(
  { value, limit, weeks }: Found,
  { block, figures }: MessageContext,
  amountOf: (week: Week) => number,
): number | undefined {
  const coarse = formatWithUnit(value, figures.measure);
  if (apart({ value, limit }, figures.measure).value !== coarse) return undefined;
  return weeks.find((number) => {
    const week = block.weeks[number - 1];
    return week !== undefined && amountOf(week) === value;
  });
}

/** What it was held against, never the figure that was measured. */
function limitOf(found: Found, { figures }: MessageContext): string {
  return apart(found, figures.measure).limit;
}

function percent(share: number): string {
  return formatPercent(share);
}

/** To the nearest tenth, as a coach works it out, but never shown as the limit that it passes. */
function overPercent(share: number, limit: number): string {
  const least = Math.floor(limit * 1000 + 1e-6) + 1;
  return formatFinePercent(Math.max(least, Math.round(share * 1000)) / 1000);
}

/** Up to a tenth, so that growing by what is shown is enough. */
function finePercent(share: number): string {
  return formatFinePercent(Math.ceil(share * 1000 - 1e-6) / 1000);
}

/** Seconds between two paces, per km or mile. */
function gapWords(perKm: number, unit: Unit): string {
  return `${Math.round((perKm * metresPer(unit)) / 1000)} ${unit === 'mi' ? 's/mile' : 's/km'}`;
}

/** The goal as a pace. */
function goalWords({ spec: { race } }: CheckContext['block'], unit: Unit): string {
  const pace = ((race.goalTime ?? 0) / race.distance) * 1000;
  return `the goal is ${formatPace(pace, unit)}`;
}

/** Down to a tenth, so that what is just out of reach is not shown as in it. */
function roughPercent(share: number): string {
  return formatFinePercent(Math.floor(share * 1000 + 1e-6) / 1000);
}

function distanceName({ block }: CheckContext): string {
  return raceClass(block.spec.race.distance).words;
}
