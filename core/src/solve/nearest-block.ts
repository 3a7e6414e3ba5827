import type { Block } from '../layout/block/block.js';
import { perMetreOf } from '../rules/limits.js';
import { eventDays, weeksOfEvents } from '../layout/events/event-days.js';
import type { HouseRules } from '../rules/house-rules.js';
import { layoutStep } from '../rules/layout-step.js';
import { rulesOf } from '../rules/rule-changes.js';
import { shownUnit } from '../base/measure.js';
import { roundTo } from '../base/round.js';
import { withPin } from '../spec/with-pin.js';
import type { Command } from '../edit/command.js';
import { type Amounts, type Bend, bendFactors, bendsOf, totalCost } from './bends.js';
import { type Limit, buildingUp, heaviestWeek, limitsOf } from './limits.js';
import { Program, type Solution, type Solve } from './program.js';

/** The nearest block that keeps every pin. */
export interface Nearest {
  amounts: Amounts;
  /** Rules it bends, and those the block as it is bends. */
  bends: Bend[];
  asItIs: Bend[];
  /** The same block by pins; undefined where the block as it is bends no more. */
  command: Command | undefined;
}

/** To the metre or second, where no rounder figure bends as little. */
const FINEST = 1;
/** Per cent of the peak: noise of floating point. */
const NOISE = 1e-6;
/** Rounder figures may cost this much more. */
const HARDLY = 0.05;
/** No week need be heavier than this times what is pinned or wished. */
const ROOM = 1.25;
/** What leaving the block as it is costs, against bending a rule: next to nothing. */
const NEARNESS = 0.01;

/**
 * The block that keeps every pin, bends the fewest rules least, and otherwise
 * stays as near to the block as it is as it can: a mixed-integer program over
 * the volumes and long runs of all weeks, with a slack and a yes-or-no on every
 * rule, weighed by the house rules.
 */
export function nearestBlock(block: Block, solve: Solve): Nearest {
  const rules = rulesOf(block.spec);
  const limits = limitsOf(block, rules);
  const laid: Amounts = {
    volumes: block.weeks.map(({ volume }) => volume),
    longRuns: block.weeks.map(({ longRun }) => longRun),
  };
  const asItIs = bendsOf(limits, laid, block, rules);
  const unchanged = { amounts: laid, bends: asItIs, asItIs, command: undefined };
  if (asItIs.length === 0) return unchanged;
  const least = solve(programOf(block, limits, laid, rules));
  if (!least.optimal) return unchanged;
  // Only what bends now, or would bend least, need be chosen among: a handful of yes-or-nos.
  const open = [...asItIs, ...bendsOf(limits, amountsOf(least, block), block, rules)];
  const choosing = new Set(
    limits.flatMap((limit, index) => (open.some((bend) => bend.limit === limit) ? [index] : [])),
  );
  const cost = (amounts: Amounts) => totalCost(bendsOf(limits, amounts, block, rules));
  const inSteps = (step: number): Amounts | undefined => {
    const fewest = solve(programOf(block, limits, laid, rules, { choosing, step }));
    return fewest.optimal ? rounded(amountsOf(fewest, block), laid, step) : undefined;
  };
  const finest = inSteps(FINEST) ?? rounded(amountsOf(least, block), laid, FINEST);
  // In whole steps, else in tenths, where that bends hardly more.
  const most = cost(finest) * (1 + HARDLY) + HARDLY;
  const unit = shownUnit(block.spec.athlete);
  const coarse = [layoutStep(block.spec.athlete, rules), unit / 10].map(inSteps);
  const amounts = coarse.find((tried) => tried && cost(tried) <= most) ?? finest;
  const bends = bendsOf(limits, amounts, block, rules);
  if (totalCost(bends) >= totalCost(asItIs) - 1e-6) return unchanged;
  return { amounts, bends, asItIs, command: pinned(block, amounts, laid) };
}

function amountsOf({ values }: Solution, { weeks, spec }: Block): Amounts {
  const scale = spec.volume.peak / 100;
  const amount = (variable: string) => (values[variable] ?? 0) * scale;
  return {
    volumes: weeks.map(({ number }) => amount(`v${number}`)),
    longRuns: weeks.map(({ number }) => amount(`l${number}`)),
  };
}

/**
 * In per cent of the peak, so that the figures are of one size.
 *
 * @param choosing limits that may bend, each a yes-or-no; without it all may, and
 *   only by how much counts
 * @param step what will be rounded to it keeps its limits still
 */
function programOf(
  block: Block,
  limits: readonly Limit[],
  laid: Amounts,
  rules: HouseRules,
  { choosing, step = 0 }: { choosing?: ReadonlySet<number>; step?: number } = {},
): string {
  const { peak } = block.spec.volume;
  const scale = peak / 100;
  const program = new Program('Minimize');
  const byEvents = weeksOfEvents(block.weeks, eventDays(block.spec.events, rules));
  const metre = perMetreOf(block.spec.athlete.basis, block.easyPace);
  const most = (ROOM * Math.max(peak, ...laid.volumes, ...laid.longRuns)) / scale;
  /** Variables that are not fixed. */
  const moves = new Set(['h']);
  const upTo = new Set(buildingUp(block).map(({ number }) => number));

  for (const [index, week] of block.weeks.entries()) {
    const volume = `v${week.number}`;
    const longRun = `l${week.number}`;
    stay(volume, laid.volumes[index] ?? 0, mayMove(block, week.number, 'volume'));
    stay(longRun, laid.longRuns[index] ?? 0, mayMove(block, week.number, 'longRun'));
    const raced = ((byEvents[index]?.raced ?? 0) * metre) / scale;
    program.require(
      [
        [1, volume],
        [-1, longRun],
      ],
      '>=',
      raced,
    );
    if (upTo.has(week.number))
      program.require(
        [
          [1, 'h'],
          [-1, volume],
        ],
        '>=',
        0,
      );
  }
  // The week that is heaviest stays so: else the heaviest could be wished rather than run.
  program.require(
    [
      [1, 'h'],
      [-1, `v${heaviestWeek(block)}`],
    ],
    '=',
    0,
  );
  for (const [index, { rule, terms, right }] of limits.entries()) {
    const { each, per } = bendFactors(rule, peak, rules);
    const moving = terms.filter(([, variable]) => moves.has(variable));
    if (moving.length === 0) continue;
    const margin = moving.reduce((sum, [factor]) => sum + Math.abs(factor), 0) * (step / 2);
    const limit = (right - margin) / scale;
    if (choosing && !choosing.has(index)) {
      program.require(terms, '<=', limit + NOISE);
      continue;
    }
    program.require([...terms, [-1, `s${index}`]], '<=', limit);
    program.value(per * scale, `s${index}`);
    if (!choosing) continue;
    const furthest = terms.reduce((sum, [factor]) => sum + Math.max(0, factor), 0) * most;
    program.require(
      [
        [1, `s${index}`],
        [-furthest - 100, `z${index}`],
      ],
      '<=',
      0,
    );
    program.binary(`z${index}`);
    program.value(each, `z${index}`);
  }
  return program.text();

  function stay(variable: string, amount: number, free: boolean): void {
    const at = amount / scale;
    if (!free) {
      program.bound(variable, at, at);
      return;
    }
    moves.add(variable);
    program.bound(variable, 0, most);
    program.require(
      [
        [1, variable],
        [-1, `d${variable}`],
      ],
      '<=',
      at,
    );
    program.require(
      [
        [1, variable],
        [1, `d${variable}`],
      ],
      '>=',
      at,
    );
    program.value(NEARNESS, `d${variable}`);
  }
}

/** Pins stand; so do weeks that no rule bears on: those an event cuts, and race week’s long run. */
function mayMove(block: Block, number: number, field: 'volume' | 'longRun'): boolean {
  const week = block.weeks[number - 1];
  const pin = block.spec.pins.find((each) => each.week === number);
  if (!week || pin?.[field] !== undefined) return false;
  if (field === 'longRun') return week.longRun > 0 && week.longRunRule !== 'event';
  return week.volumeRule !== 'event' && week.volumeRule !== 'short-first-week';
}

function rounded({ volumes, longRuns }: Amounts, laid: Amounts, step: number): Amounts {
  return {
    volumes: volumes.map((amount, index) => to(amount, laid.volumes[index] ?? 0, step)),
    longRuns: longRuns.map((amount, index) => to(amount, laid.longRuns[index] ?? 0, step)),
  };
}

/** What does not move stays to the metre. */
function to(amount: number, laid: number, step: number): number {
  return Math.abs(amount - laid) < 1 ? laid : roundTo(amount, step);
}

function pinned({ spec }: Block, { volumes, longRuns }: Amounts, laid: Amounts): Command {
  let pins = spec.pins;
  volumes.forEach((amount, index) => {
    if (amount !== laid.volumes[index]) pins = withPin(pins, index + 1, 'volume', amount);
  });
  longRuns.forEach((amount, index) => {
    if (amount !== laid.longRuns[index]) pins = withPin(pins, index + 1, 'longRun', amount);
  });
  return { change: { pins }, words: 'Took the nearest block that keeps every pin.' };
}
