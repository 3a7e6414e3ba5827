import { UNSAID, leftToTheirWeek, withoutHard } from '../../edit/written/index.js';
import { dayWords } from '../../base/format/index.js';
import { equalAsJson } from '../../base/index.js';
import type { Command } from '../../edit/index.js';
import { fixedDatesOf } from '../../layout/index.js';
import type { Block, Day } from '../../layout/block/index.js';
import {
  type BlockEvent,
  type FixedDay,
  lastOfWayBack,
  withFixedDay,
} from '../../spec/days/index.js';
import type { Review } from '../done/review-block.js';
import { firstOpenDay } from '../done/to-come.js';
import { daysFrom } from './changes.js';
import { withEasyLong } from './held-weeks.js';
import { loweredBy, loweredPins } from './lowered-weeks.js';
import { peaksOf } from './peaks.js';

/** What an illness makes of a block, with as many days again after it. */
export interface WayBack {
  change: Command['change'];
  /** Whole sentences on what else it moves; empty where nothing does. */
  words: string;
}

/**
 * Places an illness, or lengthens the one that stands: tests within it and on the way
 * back are left out, weeks that are fixed hold as much less as other weeks would, and what
 * is written of those days gives way.
 */
export function withWayBack(review: Review, event: BlockEvent, standing?: BlockEvent): WayBack {
  const { block, today } = review;
  const { events, days } = block.spec;
  const others = events.filter((each) => each !== standing);
  const back = lastOfWayBack(event);
  const isWithin = ({ from }: BlockEvent) => from >= today && from >= event.from && from <= back;
  const tests = others.filter((each) => each.kind === 'test' && isWithin(each));
  const races = others.filter((each) => each.kind === 'tune-up-race' && isWithin(each));
  const lowered = loweredBy(review, event, standing);
  const kept = others.filter((each) => !tests.includes(each));
  const open = firstOpenDay(review);
  const within = daysFrom(block, open > event.from ? open : event.from, back);
  const longer = lowered.filter(({ isLongWithin }) => !isLongWithin);
  const left = longer.reduce(
    (before, { week, left: part }) =>
      withEasyLong(block, before, { week, longRun: part * week.longRun }),
    easedOn(block, within),
  );
  const isLowered = lowered.length > 0;
  const pins = loweredPins(block, lowered);
  return {
    change: {
      events: [...kept, event],
      ...(isLowered && { pins, ...peaksOf(block, pins) }),
      ...(!equalAsJson(left, days) && { days: left }),
    },
    words: [
      tests.length > 0 ? ` Left out: the test on ${daysOf(tests)}.` : '',
      races.length > 0 ? ` The race on ${daysOf(races)} stands: move or remove it.` : '',
      isLowered ? ' The weeks you fixed are made lighter too.' : '',
    ].join(''),
  };
}

/** What the coach wrote of days without running and of the way back gives way; nothing on them is hard. */
function easedOn(block: Block, days: readonly Day[]): FixedDay[] {
  const fixed = fixedDatesOf(block);
  const written = days.filter(({ date }) => fixed.has(date));
  const long = written.filter(({ role }) => role === 'long');
  const others = written.filter(({ role }) => role !== 'long');
  const easy = leftToTheirWeek(block, withoutHard(block, others).days, others);
  return long.reduce((kept, { date }) => withFixedDay(kept, date, UNSAID), easy);
}

function daysOf(events: readonly BlockEvent[]): string {
  return events.map(({ from }) => dayWords(from)).join(', ');
}
