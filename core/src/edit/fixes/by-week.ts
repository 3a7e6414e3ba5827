import { formatPercent, formatPlain } from '../../base/format/index.js';
import { addDays, ceilTo, floorTo, quantum } from '../../base/index.js';
import { blockLength } from '../../rules/index.js';
import { type Pin, type ResolvedSpec, withPin } from '../../spec/index.js';
import type { Fix, FixContext } from './fix.js';

type Field = 'volume' | 'longRun';

/** Takes a week's pin away, where it has one. */
export function unpin({ block: { spec } }: FixContext, week: number, field: Field): Fix[] {
  if (pinOf(spec, week)?.[field] === undefined) return [];
  const pins = withPin(spec.pins, week, field, undefined);
  return [{ label: `Free ${weekWords(week, field)}`, change: { pins } }];
}

/** Pins a week at the most that `limit` allows in shown steps. */
export function pinAt(context: FixContext, week: number, field: Field, limit: number): Fix[] {
  const { spec } = context.block;
  const amount = floorTo(limit, stepOf(context));
  if (amount <= 0) return [];
  const pins = withPin(spec.pins, week, field, amount);
  return [{ label: `Fix ${weekWords(week, field)} at ${say(context, amount)}`, change: { pins } }];
}

/** Pins a week at the least in shown steps that is no less than `limit`. */
export function pinAtLeast(context: FixContext, week: number, field: Field, limit: number): Fix[] {
  return pinAt(context, week, field, ceilTo(limit, stepOf(context)));
}

/** Sets rules of this block alone. */
export function rule(
  { block: { spec } }: FixContext,
  label: string,
  values: Record<string, number>,
): Fix {
  const { overrides } = spec;
  const set = { ...overrides.values, ...values };
  return { label, change: { overrides: { ...overrides, values: set } } };
}

/** Sets parts of the volume wish. */
export function volume(
  { block: { spec } }: FixContext,
  label: string,
  part: Partial<ResolvedSpec['volume']>,
): Fix {
  return { label, change: { volume: { ...spec.volume, ...part } } };
}

/** Sets parts of the long-run wish. */
export function longRun(
  { block: { spec } }: FixContext,
  label: string,
  part: Partial<ResolvedSpec['longRun']>,
): Fix {
  return { label, change: { longRun: { ...spec.longRun, ...part } } };
}

/** Sets parts of the recovery wish. */
export function recovery(
  context: FixContext,
  label: string,
  part: Partial<ResolvedSpec['volume']['recovery']>,
): Fix {
  const { recovery: old } = context.block.spec.volume;
  return volume(context, label, { recovery: { ...old, ...part } });
}

/** Starts earlier or later; not before today, and within the lengths there are. */
export function lengthen({ block: { spec }, today }: FixContext, by: number): Fix[] {
  const weeks = spec.weeks + by;
  const start = addDays(spec.start, -7 * by);
  if (by === 0 || weeks < blockLength.least || weeks > blockLength.most) return [];
  if (today !== undefined && start < today) return [];
  const words = Math.abs(by) === 1 ? 'a week' : `${Math.abs(by)} weeks`;
  const label = `Start ${words} ${by > 0 ? 'earlier' : 'later'}`;
  return [{ label, change: { weeks, start } }];
}

/** Takes a race, test or stay out of the block. */
export function withoutEvents(
  { block: { spec } }: FixContext,
  leaves: (event: ResolvedSpec['events'][number]) => boolean,
): Fix[] {
  const out = spec.events.filter(leaves);
  if (out.length === 0) return [];
  const names = out.map(({ name }) => name).join(', ');
  const events = spec.events.filter((event) => !leaves(event));
  return [{ label: `Remove ${names}`, change: { events } }];
}

/** An amount of the block as the coach reads it. */
export function say({ block, shown }: FixContext, amount: number): string {
  return formatPlain(amount, { ...shown, basis: block.spec.athlete.basis });
}

export function percent(share: number): string {
  return formatPercent(share);
}

/** Canonical amount of one shown step. */
export function stepOf({ block, shown }: FixContext): number {
  return quantum({ ...shown, basis: block.spec.athlete.basis });
}

function pinOf({ pins }: ResolvedSpec, week: number): Pin | undefined {
  return pins.find((pin) => pin.week === week);
}

function weekWords(week: number, field: Field): string {
  return field === 'volume' ? `week ${week}` : `week ${week}’s long run`;
}
