import { raceClass } from '../rules/race-class.js';
import { formatDuration, formatPercent, formatWithUnit } from '../units/format.js';
import type { Measure } from '../units/measure.js';
import type { CheckContext, Observation } from './finding.js';
import type { CheckCode } from './registry.js';

type Teller = (
  observation: Observation,
  context: CheckContext & { shown: Measure },
) => { title: string; message: string };

/** The words of every check, in one place. */
export const sentences: Readonly<Record<CheckCode, Teller>> = {
  'under-18-week': ({ value, limit }, context) => ({
    title: 'Too much for an athlete under 18',
    message: `${amount(value, context)} in a week; the house rule for under-18s is ${amount(limit, context)}. Growing bodies are hurt by load before they show it. Talk to the guardian, and to a doctor or physiotherapist about any pain.`,
  }),
  'not-feasible': ({ value, limit }, context) => ({
    title: 'The peak is out of reach',
    message: `The block tops out at ${amount(value, context)}, not ${amount(limit, context)}. ${waysOut(context)}`,
  }),
  'growth-over-cap': ({ value, limit, weeks }) => ({
    title: 'Growth over the cap',
    message: `Week ${weeks.join(', ')} is ${finePercent(value)} above the last building week; your cap is ${percent(limit)}. Steep weeks are where soreness starts.`,
  }),
  'start-above-held': ({ value, limit }, context) => ({
    title: 'Starts above what was held',
    message: `Week 1 is ${amount(value, context)}; the most of the last weeks is ${amount(limit, context)}. Hold the starting volume two or three easy weeks before day one.`,
  }),
  'long-run-grown-too-fast': ({ value, limit, weeks }, context) => ({
    title: 'Long run grown too fast',
    message: `${amount(value, context)} in week ${weeks.join(', ')}; after the longest before it ${amount(limit, context)} is the most.`,
  }),
  'long-run-over-time': ({ value, limit, weeks }) => ({
    title: 'Long run over its time',
    message: `Week ${weeks.join(', ')} takes ${formatDuration(value)} at easy pace; ${formatDuration(limit)} on the feet is the limit. Beyond it the cost outgrows the gain.`,
  }),
  'long-run-near-race': ({ value, limit }) => ({
    title: 'Last long run near the race',
    message: `The last peak long run is ${value} days before the race; ${limit} at least leave time to recover from it.`,
  }),
  'no-recovery-week': ({ value, limit, weeks }) => ({
    title: 'No recovery week',
    message: `Weeks ${span(weeks)}: ${value} building weeks in a row; after ${limit} the body is owed an easier one.`,
  }),
  'too-long-at-peak': ({ value, limit, weeks }) => ({
    title: 'Long stay at the heaviest',
    message: `Weeks ${span(weeks)} hold ${value} weeks at the heaviest; ${limit} are enough. Long stays at the top are where injuries start.`,
  }),
  'taper-too-shallow': ({ value, limit }) => ({
    title: 'Taper too shallow',
    message: `Race week is cut by ${percent(value)} from the heaviest; this taper takes off ${percent(limit)} at least. Legs may still be heavy on race day.`,
  }),
  'taper-too-deep': ({ value, limit }) => ({
    title: 'Taper too deep',
    message: `Race week is cut by ${percent(value)} from the heaviest; this taper takes off ${percent(limit)} at most. Legs may feel flat.`,
  }),
  'block-too-short': ({ value, limit }, context) => ({
    title: 'Short block',
    message: `${value} weeks; the ${distanceName(context)} wants ${limit} at least. Little room to adapt: keep the peak modest.`,
  }),
  'block-too-long': ({ value, limit }, context) => ({
    title: 'Long block',
    message: `${value} weeks; for the ${distanceName(context)} it drags on after ${limit}. A break of easy running before day one may serve better.`,
  }),
  'long-run-over-share': ({ value, limit, weeks }) => ({
    title: 'Long run over its share',
    message: `${percent(value)} of week ${weeks.join(', ')}; your limit is ${percent(limit)}. The rest of the week is too light to carry it.`,
  }),
  'long-run-held-down': ({ value, limit }, context) => ({
    title: 'Long run held under its caps',
    message: `The longest is ${amount(value, context)}; you asked for ${amount(limit, context)}. Its share of the week, its time or its growth holds it there: raise the peak week, start longer, or pin the run.`,
  }),
  'volume-low-for-distance': ({ value, limit }, context) => ({
    title: 'Low volume for the distance',
    message: `The heaviest week is ${amount(value, context)}; ${amount(limit, context)} is the least usual for the ${distanceName(context)}. Aim to finish well rather than fast.`,
  }),
  'fewer-run-days': ({ value, limit }) => ({
    title: 'Fewer run days than asked',
    message: `${limit} run days asked, ${value} can be run: days away, rest days or too little volume for more. The week is spread over those.`,
  }),
  'hard-day-away': ({ value, limit }) => ({
    title: 'A hard day falls on a day away',
    message: `${value} of ${limit} long-run and quality days stand where you put them; the others moved to a free day, or were left out where no easy day stayed between.`,
  }),
  'own-phases-scaled': ({ value, limit }) => ({
    title: 'Own phases scaled',
    message: `Your phases add up to ${value} weeks, the block has ${limit}: they were scaled to fit.`,
  }),
  'race-in-the-past': ({ value }, { block }) => ({
    title: 'The race has been run',
    message: `${block.wishes.race.name} was ${value} ${value === 1 ? 'day' : 'days'} ago. The block can be read; lay out a new one for the next race.`,
  }),
};

function waysOut(context: CheckContext & { shown: Measure }): string {
  const { feasible } = context.block;
  if (feasible.feasible) return 'Pins hold it down: unpin or raise them.';
  const ways = [`settle for ${amount(feasible.reachablePeak, context)}`];
  if (feasible.extraWeeks !== null) {
    ways.push(`add ${feasible.extraWeeks} ${feasible.extraWeeks === 1 ? 'week' : 'weeks'}`);
  }
  if (feasible.neededGrowth !== null)
    ways.push(`grow ${finePercent(feasible.neededGrowth)} a week`);
  return `Ways out: ${ways.join(', or ')}.`;
}

function amount(value: number, { block, shown }: CheckContext & { shown: Measure }): string {
  return formatWithUnit(value, { ...shown, basis: block.wishes.athlete.basis });
}

function percent(share: number): string {
  return formatPercent(share);
}

/** Growth to a tenth, so that 10.4 % is not shown as the cap of 10 %. */
function finePercent(share: number): string {
  return `${(Math.ceil(share * 1000 - 1e-6) / 10).toFixed(1)} %`;
}

function distanceName({ block }: CheckContext): string {
  return raceClass(block.wishes.race.distance).name;
}

function span(weeks: readonly number[]): string {
  const first = weeks[0];
  const last = weeks.at(-1);
  return first === last ? `${first}` : `${first}–${last}`;
}
