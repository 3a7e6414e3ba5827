import { settledSpec } from '../../edit/answers/index.js';
import type { Command } from '../../edit/index.js';
import type { Block } from '../../layout/block/index.js';
import type { Pin } from '../../spec/index.js';

/** The peaks of a block whose fixed weeks reach them: those of its fixed weeks as they are now. */
export function peaksOf(
  { spec: { volume, longRun, pins: before } }: Block,
  pins: readonly Pin[],
): Pick<Command['change'], 'volume' | 'longRun'> {
  // Weeks before the first that becomes another are behind the athlete.
  const first = pins.find((pin) => !before.includes(pin))?.week ?? Infinity;
  const most = (of: readonly Pin[], field: 'volume' | 'longRun') =>
    Math.max(0, ...of.map((pin) => (pin.week >= first ? (pin[field] ?? 0) : 0)));
  const lower = (field: 'volume' | 'longRun', { start, peak }: { start: number; peak: number }) => {
    const isReached = most(before, field) >= peak;
    return isReached ? Math.min(peak, Math.max(start, most(pins, field))) : peak;
  };
  const peaks = { volume: lower('volume', volume), longRun: lower('longRun', longRun) };
  return {
    ...(peaks.volume < volume.peak && { volume: { ...volume, peak: peaks.volume } }),
    ...(peaks.longRun < longRun.peak && { longRun: { ...longRun, peak: peaks.longRun } }),
  };
}

/**
 * The peaks that nobody asked for, left open: they become what the climb from a week that it
 * begins anew in comes to. One that was asked for stays, and what it is out of reach by is found.
 */
export function openPeaks({ spec }: Block): Pick<Command['change'], 'volume' | 'longRun'> {
  const volume = { ...spec.volume, peak: undefined };
  const longRun = { ...spec.longRun, peak: undefined };
  const suggested = settledSpec({ ...spec, volume, longRun });
  return {
    ...(suggested.volume.peak === spec.volume.peak && { volume }),
    ...(suggested.longRun.peak === spec.longRun.peak && { longRun }),
  };
}
