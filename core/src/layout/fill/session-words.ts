import { formatPlain } from '../../base/format/index.js';
import type { NamedPace } from '../../spec/choices/index.js';
import type { AddOn } from '../../spec/days/index.js';
import type { LoosePace } from '../../paces/index.js';
import { apportion, type Measure, METRES_PER_MILE, shownUnit } from '../../base/index.js';
import type { ResolvedSpec } from '../../spec/index.js';
import { isBare, racedName, shortPaceName } from '../../sessions/index.js';
import type { Segment } from '../block/week.js';

/** What stands around the words of a run: how amounts are counted, what paces are called. */
export interface WordsContext {
  counted: Pick<Measure, 'basis' | 'unit'>;
  table: readonly NamedPace[];
}

/** How the runs of a block are put into words. */
export function wordsOf({ athlete, paces }: Pick<ResolvedSpec, 'athlete' | 'paces'>): WordsContext {
  return { counted: athlete, table: paces.table };
}

/** An amount of easy running in shorthand: `9 km easy`. */
export function easyWords(amount: number, { counted, table }: WordsContext, id = 'easy'): string {
  return `${runnable(amount, counted)} ${paceWord(id, table)}`;
}

/** An amount that can be read again: what is less than a tenth is said in the smaller unit. */
function runnable(amount: number, counted: WordsContext['counted']): string {
  if (amount >= shownUnit(counted) / 20) return formatPlain(amount, counted);
  return `${Math.max(1, Math.round(amount))} ${counted.basis === 'time' ? 's' : 'm'}`;
}

/** A race's own distance in shorthand: 10000 m → `10 km`, 21097.5 m → `half marathon`, 8047 m → `5 mi`. */
export function raceWords(metres: number): string {
  const name = racedName(metres);
  if (name !== undefined) return name;
  const miles = Math.round(metres / METRES_PER_MILE);
  if (Math.abs(miles * METRES_PER_MILE - metres) < 0.5) return `${miles} mi`;
  return metres % 1000 === 0 ? `${metres / 1000} km` : `${metres} m`;
}

/** A long run in shorthand: `20 km easy; 8 km @ race pace`. */
export function longRunWords(
  { amount, pace }: { amount: number; pace?: LoosePace },
  segment: Segment | undefined,
  context: WordsContext,
): string {
  if (!segment) return easyWords(amount, context, pace);
  const tenth = shownUnit(context.counted) / 10;
  // Shown in tenths, the stretches still add up to the run.
  const [before = 0, held = 0, after = 0] = apportion(
    [segment.before, segment.amount, segment.after],
    tenth,
  ).map((tenths) => tenths * tenth);
  return [
    before > 0 ? easyWords(before, context, pace) : '',
    `${runnable(held, context.counted)} @ ${stepsWords(segment)}`,
    after > 0 ? easyWords(after, context, pace) : '',
  ]
    .filter(Boolean)
    .join('; ');
}

/** What is added to a run, in shorthand; paces by their ids. */
export const addOnWords: Readonly<Record<AddOn, string>> = {
  strides: '5 x 20 s @ strides, 60 s walk',
  drills: 'drills',
  'hill-sprints': '6 x 10 s @ effort 9 uphill, walk back',
};

/** `race pace`, `race pace - 5 s/km`, `race pace + 45 s/km to race pace - 10 s/km`. */
export function paceWords({ offset: [start, end] }: Pick<Segment, 'offset'>): string {
  return start === end ? against(start) : `${against(start)} to ${against(end)}`;
}

/** Steps in which a progression is run. */
const STEPS = 4;

function stepsWords(segment: Pick<Segment, 'offset'>): string {
  const [start, end] = segment.offset;
  return start === end ? paceWords(segment) : `${paceWords(segment)} in ${STEPS} steps`;
}

function against(offset: number): string {
  if (offset === 0) return 'race pace';
  return `race pace ${offset > 0 ? '+' : '-'} ${Math.abs(offset)} s/km`;
}

function paceWord(id: string, table: readonly NamedPace[]): string {
  const pace = table.find((each) => each.id === id);
  const name = pace ? shortPaceName(pace) : id;
  return isBare(name) ? name : `@ ${name}`;
}
