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

/** Policy: a figure that falls short of its days and the race by so little was rounded. */
const ROUNDED = 0.9;

/** Less than any step of a figure, m or s. */
const STEP = 50;

/** The figure of race week counts the race too, where what is left of it bears the days that the plan names. */
export function withRaceCounted(spec: BlockSpec, open: ReadonlySet<CivilDate>): PlanBeforeRace {
  const { weeks, spec: laid } = layWeeks(spec).block;
  const last = weeks.at(-1);
  const pin = spec.pins?.find(({ week }) => week === last?.number);
  if (!last || pin?.volume === undefined) return { spec, beforeRace: undefined };
  const days = last.days.filter(({ date }) => !open.has(date));
  const named = sum(days.map((day) => amountOf(day, laid)));
  const left = pin.volume - raceOf(laid);
  // A sum of its days counts nothing else.
  const isMore = pin.volume > named + STEP;
  if (named === 0 || !isMore || left < ROUNDED * named) return { spec, beforeRace: undefined };
  const volume = Math.max(left, named);
  const pins = spec.pins?.map((each) => (each === pin ? { ...pin, volume } : each));
  return { spec: { ...spec, pins }, beforeRace: volume };
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
