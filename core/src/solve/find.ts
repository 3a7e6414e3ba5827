import { formatPercent, formatPlain, formatFinePercent } from '../base/format/index.js';
import { countBack, floorTo } from '../base/index.js';
import { blockLength, layoutStep, rulesOf } from '../rules/index.js';
import type { ResolvedSpec } from '../spec/index.js';
import { countRises, eventDays, type Frame, frameWeeks, weeksThatRise } from '../layout/index.js';
import type { Block } from '../layout/block/index.js';
import type { Command } from '../edit/index.js';
import { Program, type Solve } from './program.js';

/** What was looked for, in words, and the change that takes it; undefined where there is none. */
export interface Found {
  words: string;
  command: Command | undefined;
}

/** The lowest growth a week that reaches the peak past every pin; a program in logarithms. */
export function lowestGrowth(block: Block, solve: Solve): Found {
  const { volume } = block.spec;
  const program = new Program('Minimize');
  program.value(1, 'g');
  const steps = stepsOf(block.spec, frameOf(block.spec));
  for (const { from, to, rises } of steps) {
    program.require(
      [
        [1, to],
        [-1, from],
        [rises ? -1 : 0, 'g'],
      ],
      '<=',
      0,
    );
  }
  fix(program, block.spec, steps, Math.log);
  program.require([[1, peakVariable(steps)]], '>=', Math.log(volume.peak));
  const { optimal, values } = solve(program.text());
  if (!optimal) {
    return {
      words: 'No growth reaches this peak past the pins and weeks there are.',
      command: undefined,
    };
  }
  // Up to a tenth of a per cent, so that the peak is reached and not nearly reached.
  const cap = Math.ceil((Math.exp(values.g ?? 0) - 1) * 1000 - 1e-6) / 1000;
  const words = `${formatFinePercent(cap)} a week reaches ${formatPlain(volume.peak, block.spec.athlete)}.`;
  const growth = { ...volume.growth, school: 'percentage' as const, cap };
  return {
    words,
    command: { change: { volume: { ...volume, growth } }, message: `Lowest growth: ${words}` },
  };
}

/** The highest peak that the cap reaches past every pin. */
export function highestPeak(block: Block, solve: Solve): Found {
  const { spec } = block;
  const { volume, athlete } = spec;
  const peak = peakUnder(spec, frameOf(spec), solve);
  if (peak === undefined) {
    return { words: 'The pins grow faster than the cap: no peak keeps both.', command: undefined };
  }
  const rounded = Math.max(volume.start, floorTo(peak, layoutStep(athlete, rulesOf(spec))));
  const words = `${formatPlain(rounded, athlete)} under ${formatPercent(volume.growth.cap)} a week.`;
  const growth = { ...volume.growth, school: 'percentage' as const };
  return {
    words,
    command: {
      change: { volume: { ...volume, peak: rounded, growth } },
      message: `Highest peak: ${words}`,
    },
  };
}

/** The fewest weeks in which the cap reaches the peak; pins stand in the weeks they are in. */
export function fewestWeeks(block: Block, solve: Solve): Found {
  const { spec } = block;
  const { peak } = spec.volume;
  const lastPin = Math.max(0, ...spec.pins.map(({ week }) => week));
  for (let weeks = Math.max(blockLength.least, lastPin); weeks <= blockLength.most; weeks++) {
    const start = countBack(spec.race.date, weeks, spec.weekStartsOn);
    const tried = { ...spec, weeks, start };
    const reached = peakUnder(tried, frameOf(tried), solve);
    if (reached === undefined || reached < peak * (1 - 1e-6)) continue;
    const words = `${weeks} weeks reach ${formatPlain(peak, spec.athlete)} under ${formatPercent(spec.volume.growth.cap)} a week, from ${start}.`;
    return {
      words,
      command: { change: { weeks, start }, message: `Fewest weeks: ${words}` },
    };
  }
  return {
    words: `Not even ${blockLength.most} weeks reach this peak under the cap.`,
    command: undefined,
  };
}

/** One week after another in the climb. */
interface Step {
  from: string;
  to: string;
  week: number;
  rises: boolean;
  isPeak: boolean;
}

function frameOf(spec: ResolvedSpec): Frame {
  const rules = rulesOf(spec);
  return frameWeeks(spec, rules, eventDays(spec.events, rules));
}

/** The building weeks before the taper; what recovers or is cut is nobody’s base. */
function stepsOf({ volume }: ResolvedSpec, frame: Frame): Step[] {
  const rises = weeksThatRise(frame, volume);
  const { peakIndex } = countRises(frame, volume);
  const building = frame.weeks
    .slice(0, frame.taperStart)
    .filter(({ kind, running }) => kind === 'building' && running === 1);
  return building.slice(1).map((week, index) => ({
    from: `x${building[index]?.number ?? 1}`,
    to: `x${week.number}`,
    week: week.number,
    rises: rises[week.number - 1] === true,
    isPeak: week.number - 1 === peakIndex,
  }));
}

function peakVariable(steps: readonly Step[]): string {
  return steps.find(({ isPeak }) => isPeak)?.to ?? steps.at(-1)?.to ?? 'x1';
}

/** Fixes the start and every pinned building week. */
function fix(
  program: Program,
  { volume, pins }: ResolvedSpec,
  steps: readonly Step[],
  as: (amount: number) => number,
): void {
  const variables = [{ week: 1, to: steps[0]?.from ?? 'x1' }, ...steps];
  for (const [index, { week, to }] of variables.entries()) {
    const pin = pins.find((each) => each.week === week)?.volume;
    const amount = pin ?? (index === 0 ? volume.start : undefined);
    if (amount !== undefined && amount > 0) program.bound(to, as(amount), as(amount));
    else program.free(to);
  }
}

function peakUnder(spec: ResolvedSpec, frame: Frame, solve: Solve): number | undefined {
  const steps = stepsOf(spec, frame);
  // In parts of the start, so that the figures are of one size.
  const scale = spec.volume.start;
  const factor = 1 + spec.volume.growth.cap;
  const program = new Program('Maximize');
  program.value(1, peakVariable(steps));
  for (const { from, to, rises } of steps) {
    program.require(
      [
        [1, to],
        [rises ? -factor : -1, from],
      ],
      '<=',
      0,
    );
  }
  fix(program, spec, steps, (amount) => amount / scale);
  if (steps.length === 0) return spec.volume.start;
  const { optimal, values } = solve(program.text());
  const reached = values[peakVariable(steps)];
  return optimal && reached !== undefined ? reached * scale : undefined;
}
