import { type CivilDate, sum } from '../../base/index.js';
import { layWeeks } from '../../layout/index.js';
import type { Day } from '../../layout/block/index.js';
import { rulesOf } from '../../rules/index.js';
import { RACE_PACE, sessionPacesOf } from '../../sessions/index.js';
import type { BlockSpec, ResolvedSpec } from '../../spec/index.js';

/** A plan, and the m or s that its race week is left with where its figure counts the race. */
export interface PlanBeforeRace {
  spec: BlockSpec;
  beforeRace: number | undefined;
}

/**
 * Of a race week with open days the figure counts the race too, where what is left bears
 * the days that the plan names: on the open ones it would be run a second time.
 */
export function withRaceCounted(spec: BlockSpec, open: ReadonlySet<CivilDate>): PlanBeforeRace {
  const { weeks, spec: laid } = layWeeks(spec).block;
  const last = weeks.at(-1);
  const pin = spec.pins?.find(({ week }) => week === last?.number);
  const isOpen = last?.days.some(({ date }) => open.has(date));
  if (!last || pin?.volume === undefined || !isOpen) return { spec, beforeRace: undefined };
  const named = last.days.filter(({ date }) => !open.has(date));
  const left = pin.volume - raceOf(laid);
  if (left < sum(named.map((day) => amountOf(day, laid)))) return { spec, beforeRace: undefined };
  const pins = spec.pins?.map((each) => (each === pin ? { ...pin, volume: left } : each));
  return { spec: { ...spec, pins }, beforeRace: left };
}

function amountOf({ distance, time }: Day, { athlete }: ResolvedSpec): number {
  return athlete.basis === 'time' ? time : distance;
}

/** Whole minutes of an hour or so are a guess, and no fraction of one is. */
const MINUTE = 60;

/** Metres of the goal race, or seconds at its pace; of an athlete without one at easy pace. */
function raceOf(spec: ResolvedSpec): number {
  const { athlete, race } = spec;
  if (athlete.basis === 'distance') return race.distance;
  const paces = sessionPacesOf(spec, rulesOf(spec), race.date);
  const pace = paces.find(RACE_PACE)?.pace ?? paces.find('easy')?.pace ?? 0;
  return Math.round((pace * race.distance) / 1000 / MINUTE) * MINUTE;
}
