import { restarts } from '../layout/index.js';
import type { Block } from '../layout/block/index.js';
import { type Pin, withPin } from '../spec/index.js';
import type { Command } from './command.js';

/**
 * Lets the climb begin anew from a week, at what it is laid out at; or has it go on from
 * what was built before, where it begins there. Undefined in a taper, where nothing climbs,
 * and in the first week, where it begins anyway.
 */
export function toggleRestart({ spec, weeks }: Block, number: number): Command | undefined {
  const week = weeks[number - 1];
  if (!week || number === 1 || week.taperShare < 1) return undefined;
  if (restarts(spec, week)) {
    const pins = spec.pins.map(({ restart, ...pin }): Pin => {
      return pin.week === number || !restart ? pin : { ...pin, restart };
    });
    return { change: { pins }, message: `No longer rebuilds from week ${number}.` };
  }
  const pins = withPin(spec.pins, number, 'volume', week.volume).map((pin): Pin => {
    return pin.week === number ? { ...pin, restart: true } : pin;
  });
  return { change: { pins }, message: `Set the block to rebuild from week ${number}.` };
}

/** True where the climb begins anew from a week. */
export function isRestart({ spec, weeks }: Block, number: number): boolean {
  const week = weeks[number - 1];
  return week !== undefined && restarts(spec, week);
}
