import { raceRules } from '../../rules/house-rules.js';
import type { Check, CheckContext } from '../common/check.js';
import { volume } from '../../edit/fixes/week-fixes.js';

/** The last heaviest week too near the race. Value and limit: weeks to go. */
export const peakNearRace = {
  code: 'peak-near-race',
  level: 'caution',
  run(context) {
    const limit = raceRules(context.rules, context.block.wishes.race.distance).peakWeeksOut.least;
    const peak = lastPeak(context);
    return peak && peak.toGo < limit ? [{ weeks: [peak.number], value: peak.toGo, limit }] : [];
  },
  fixes: ({ limit }, context) => movePeak(context, limit),
} as const satisfies Check;

/** The last heaviest week too far from the race. Value and limit: weeks to go. */
export const peakFarFromRace = {
  code: 'peak-far-from-race',
  level: 'note',
  run(context) {
    const limit = raceRules(context.rules, context.block.wishes.race.distance).peakWeeksOut.most;
    const peak = lastPeak(context);
    return peak && peak.toGo > limit ? [{ weeks: [peak.number], value: peak.toGo, limit }] : [];
  },
  fixes: ({ limit }, context) => [
    ...movePeak(context, limit),
    volume(context, 'Hold the peak to the taper', { peakWeek: undefined, holdAtPeak: 1 }),
    ...(context.block.wishes.pins.length > 0
      ? [{ label: 'Unpin every week', change: { pins: [] } }]
      : []),
  ],
} as const satisfies Check;

function lastPeak({ block: { weeks }, rules }: CheckContext) {
  const heaviest = Math.max(...weeks.map((week) => week.volume));
  return weeks.findLast((week) => week.volume >= rules.volume.atPeak * heaviest);
}

function movePeak(context: Parameters<NonNullable<Check['fixes']>>[1], toGo: number) {
  const peakWeek = context.block.weeks.length - toGo;
  return peakWeek >= 1 ? [volume(context, `Peak in week ${peakWeek}`, { peakWeek })] : [];
}
