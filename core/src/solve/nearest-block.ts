import { type CivilDate, roundTo, shownUnit } from '../base/index.js';
import { type HouseRules, layoutStep, rulesOf } from '../rules/index.js';
import { perMetreOf } from '../rules/limits/index.js';
import { withPin } from '../spec/index.js';
import { eventDays, racedIn } from '../layout/index.js';
import type { Block } from '../layout/block/index.js';
import type { Command } from '../edit/index.js';
import { type Amounts, type Bend, bendFactors, bendsOf, totalCost } from './bends.js';
import { type Limit, buildingUp, heaviestWeek, limitsOf } from './limits.js';
import { Program, type Solution, type Solve, type Terms } from './program.js';

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
 *
 * @param from the coach's day where the block has begun: weeks that are over do not move
 */
export function nearestBlock(block: Block, solve: Solve, from?: CivilDate): Nearest {
  const rules = rulesOf(block.spec);
  const limits = limitsOf(block, rules);
  const laid: Amounts = {
    volumes: block.weeks.map(({ volume }) => volume),
    longRuns: block.weeks.map(({ longRun }) => longRun),
  };
  const asItIs = bendsOf(limits, laid, block, rules);
  const unchanged = { amounts: laid, bends: asItIs, asItIs, command: undefined };
  if (asItIs.length === 0) return unchanged;
  const subject = { block, limits, laid, rules, from };
  const least = solve(programOf(subject));
  if (!least.optimal) return unchanged;
  // Only what bends now, or would bend least, need be chosen among: a handful of yes-or-nos.
  const open = [...asItIs, ...bendsOf(limits, amountsOf(least, block), block, rules)];
  const choosing = new Set(
    limits.flatMap((limit, index) => (open.some((bend) => bend.limit === limit) ? [index] : [])),
  );
  const cost = (amounts: Amounts) => totalCost(bendsOf(limits, amounts, block, rules));
  const inSteps = (step: number): Amounts | undefined => {
    const fewest = solve(programOf(subject, { choosing, step }));
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

/** A program in the making, in per cent of the peak, so that the figures are of one size. */
interface Making {
  program: Program;
  of: Subject;
  /** Amount of one per cent. */
  scale: number;
  /** Most that any amount may be. */
  most: number;
  /** Variables that are not fixed. */
  moves: Set<string>;
}

/** What is to be solved: a block as it is laid out, and the limits it is held against. */
interface Subject {
  block: Block;
  limits: readonly Limit[];
  laid: Amounts;
  rules: HouseRules;
  from: CivilDate | undefined;
}

/** How it is to be solved. */
interface How {
  /** Limits that may bend, each a yes-or-no; without it all may, and only by how much counts. */
  choosing?: ReadonlySet<number>;
  /** What will be rounded to it keeps its limits still. */
  step?: number;
}

function programOf(of: Subject, how: How = {}): string {
  const { block, laid } = of;
  const { peak } = block.spec.volume;
  const scale = peak / 100;
  const most = (ROOM * Math.max(peak, ...laid.volumes, ...laid.longRuns)) / scale;
  const making: Making = {
    program: new Program('Minimize'),
    of,
    scale,
    most,
    moves: new Set(['h']),
  };
  amountsInto(making);
  for (const [index, limit] of of.limits.entries()) limitInto(making, limit, index, how);
  return making.program.text();
}

/** Volumes and long runs as variables, each week at least its long run and its races. */
function amountsInto(making: Making): void {
  const { program, scale } = making;
  const { block, laid, rules } = making.of;
  const byDay = eventDays(block.spec.events, rules);
  const metre = perMetreOf(block.spec.athlete.basis, block.easyPace);
  const upTo = new Set(buildingUp(block).map(({ number }) => number));
  for (const [index, { number, days }] of block.weeks.entries()) {
    const [volume, longRun] = [`v${number}`, `l${number}`];
    stay(making, volume, laid.volumes[index] ?? 0, mayMove(making.of, number, 'volume'));
    stay(making, longRun, laid.longRuns[index] ?? 0, mayMove(making.of, number, 'longRun'));
    const raced = (racedIn(byDay, days) * metre) / scale;
    program.require(difference(volume, longRun), '>=', raced);
    if (upTo.has(number)) program.require(difference('h', volume), '>=', 0);
  }
  // The week that is heaviest stays so: else the heaviest could be wished rather than run.
  program.require(difference('h', `v${heaviestWeek(block)}`), '=', 0);
}

/** One limit as a row, with what it costs to bend it where it may. */
function limitInto(making: Making, limit: Limit, index: number, { choosing, step = 0 }: How): void {
  const { program, scale, moves, of, most } = making;
  const { rule, terms, right } = limit;
  const moving = terms.filter(([, variable]) => moves.has(variable));
  if (moving.length === 0) return;
  const margin = moving.reduce((sum, [factor]) => sum + Math.abs(factor), 0) * (step / 2);
  const bound = (right - margin) / scale;
  if (choosing && !choosing.has(index)) {
    program.require(terms, '<=', bound + NOISE);
    return;
  }
  const { each, per } = bendFactors(rule, of.block.spec.volume.peak, of.rules);
  program.require([...terms, [-1, `s${index}`]], '<=', bound);
  program.value(per * scale, `s${index}`);
  if (!choosing) return;
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

/** A variable that stays what it is, or costs a little for each per cent that it moves. */
function stay(making: Making, variable: string, amount: number, free: boolean): void {
  const { program, moves, most } = making;
  const at = amount / making.scale;
  if (!free) {
    program.bound(variable, at, at);
    return;
  }
  moves.add(variable);
  program.bound(variable, 0, most);
  program.require(difference(variable, `d${variable}`), '<=', at);
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

function difference(one: string, other: string): Terms {
  return [
    [1, one],
    [-1, other],
  ];
}

/** Pins stand; so do weeks that have begun, and weeks that no rule bears on: those an event cuts, and race week’s long run. */
function mayMove({ block, from }: Subject, number: number, field: 'volume' | 'longRun'): boolean {
  const week = block.weeks[number - 1];
  const pin = block.spec.pins.find((each) => each.week === number);
  if (!week || pin?.[field] !== undefined) return false;
  // A week that has begun has days that stay as they were handed out.
  if (from !== undefined && week.start < from) return false;
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
  return { change: { pins }, message: 'Applied the nearest block that keeps every fixed figure.' };
}
