import { dayWords } from '../../base/format/index.js';
import { addDays, type CivilDate, differenceInDays, sum } from '../../base/index.js';
import type { Command } from '../../edit/index.js';
import type { Block, Week } from '../../layout/block/index.js';
import { layoutStep, type HouseRules } from '../../rules/index.js';
import { type BlockEvent, lastDay } from '../../spec/days/index.js';
import type { Pin } from '../../spec/index.js';

/** What an illness makes of a block, with as many days again after it. */
export interface WayBack {
  change: Command['change'];
  /** Whole sentences on what else it moves; empty where nothing does. */
  words: string;
}

/**
 * Places an illness, or lengthens the one that stands: tests within it and on the way
 * back are left out, and weeks that are fixed hold as much less as other weeks would.
 */
export function withWayBack(
  { block, rules, today }: { block: Block; rules: HouseRules; today: CivilDate },
  event: BlockEvent,
  standing?: BlockEvent,
): WayBack {
  const { events, pins } = block.spec;
  const others = events.filter((each) => each !== standing);
  const back = lastOf(event);
  const isWithin = ({ from }: BlockEvent) => from >= today && from >= event.from && from <= back;
  const tests = others.filter((each) => each.kind === 'test' && isWithin(each));
  const races = others.filter((each) => each.kind === 'tune-up-race' && isWithin(each));
  const lowered = pins.map((pin) => {
    const week = block.weeks[pin.week - 1];
    // What the climb begins anew from is laid like other weeks, as the illness leaves it.
    if (!week || pin.restart || addDays(week.start, week.length) <= today) return pin;
    const before = standing ? leftOf(week, standing, rules) : 1;
    const left = before > 0 ? leftOf(week, event, rules) / before : 1;
    return left < 1 ? lighter(pin, left, layoutStep(block.spec.athlete, rules)) : pin;
  });
  const isLowered = lowered.some((pin, index) => pin !== pins[index]);
  const kept = others.filter((each) => !tests.includes(each));
  return {
    change: { events: [...kept, event], ...(isLowered && { pins: lowered }) },
    words: [
      tests.length > 0 ? ` Left out: the test on ${daysOf(tests)}.` : '',
      races.length > 0 ? ` The race on ${daysOf(races)} stands: move or remove it.` : '',
      isLowered ? ' The weeks you fixed are made lighter too.' : '',
    ].join(''),
  };
}

/** The last day of the way back: as many days as the illness lasted. */
function lastOf(event: BlockEvent): CivilDate {
  return addDays(lastDay(event), differenceInDays(lastDay(event), event.from) + 1);
}

/** What an illness and the way back leave of a week, 0–1. */
function leftOf({ start, length }: Week, event: BlockEvent, rules: HouseRules): number {
  const { afterIllness } = rules.events;
  const running = event.running ?? rules.events.illness;
  const days = Array.from({ length }, (_, day) => addDays(start, day)).map((date) => {
    if (date < event.from || date > lastOf(event)) return 1;
    return date <= lastDay(event) ? running : afterIllness;
  });
  return sum(days) / length;
}

/** The amounts of a fixed week, lower. */
function lighter({ volume, longRun, ...pin }: Pin, part: number, step: number): Pin {
  const less = (amount: number) => step * Math.floor((part * amount) / step);
  return {
    ...pin,
    ...(volume !== undefined && { volume: less(volume) }),
    ...(longRun !== undefined && { longRun: less(longRun) }),
  };
}

function daysOf(events: readonly BlockEvent[]): string {
  return events.map(({ from }) => dayWords(from)).join(', ');
}
