import { dayWords, formatDuration, formatSteps } from '../../base/format/index.js';
import { differenceInDays, unitName } from '../../base/index.js';
import { dayTimes } from '../../paces/index.js';
import { type Block, isHardRunning } from '../../layout/block/index.js';
import { rulesOf } from '../../rules/index.js';
import { type BlockEvent, dayRoleWords, eventCharacters } from '../../spec/days/index.js';
import type { ShownBlock } from '../figures/show.js';
import { daysMoved } from './days-moved.js';

/** Days either side of a race within which what gives way is told day by day. */
const AROUND = 7;

interface Laid {
  block: Pick<Block, 'weeks' | 'spec'>;
  shown: Pick<ShownBlock, 'weeks' | 'measure'>;
}

/** What a race on the way asks for, in sentences. */
export interface RaceOnTheWay {
  /** A day or week each, in order: `Sat 17 Apr: quality, now easy 6`. Empty where nothing gives way. */
  givesWay: string[];
  /** What its result may change. */
  result: string;
}

/** What gives way for a race or test, day by day around it and week by week, and what its result may change. */
export function raceOnTheWay(before: Laid, after: Laid, event: BlockEvent): RaceOnTheWay {
  const moved = daysMoved(before.block, after.block, before.block.spec.start);
  const near = moved.filter(
    (date) => date !== event.from && Math.abs(differenceInDays(date, event.from)) <= AROUND,
  );
  const days = near.flatMap((date) => {
    const [was, is] = [dayText(before, date), dayText(after, date)];
    return was === is ? [] : [`${dayWords(date)}: ${was}, now ${is}`];
  });
  return {
    givesWay: [...days, ...weeksThatGiveWay(before, after)],
    result: resultWords(after, event),
  };
}

/** Weeks whose volume is another then. */
function weeksThatGiveWay(before: Laid, after: Laid): string[] {
  const { measure } = after.shown;
  return after.block.weeks.flatMap(({ number }, index) => {
    const [was, is] = [before.shown.weeks[index]?.volume, after.shown.weeks[index]?.volume];
    return was === undefined || is === undefined || was === is
      ? []
      : [
          `Week ${number}: ${formatSteps(was, measure)}, now ${formatSteps(is, measure)} ${unitName(measure)}`,
        ];
  });
}

function dayText({ block, shown }: Laid, date: string): string {
  const week = block.weeks.find(({ days }) => days.some((day) => day.date === date));
  const place = week?.days.findIndex((day) => day.date === date) ?? -1;
  const day = week?.days[place];
  if (!week || !day) return 'nothing';
  const steps = shown.weeks[week.number - 1]?.days[place];
  const hard = day.role !== 'quality' && isHardRunning(day) ? ' with hard running' : '';
  const role = `${dayRoleWords[day.role].toLowerCase()}${hard}`;
  return steps ? `${role} ${formatSteps(steps, shown.measure)}` : role;
}

/** What the paces of that day say of its distance: a quicker result moves them. */
function resultWords({ block: { spec } }: Laid, { kind, from, distance }: BlockEvent): string {
  const times = dayTimes(spec, rulesOf(spec))(from);
  const noun = eventCharacters[kind].title.toLowerCase();
  if (!times || distance === undefined) {
    return `The athlete has no result yet: the one from this ${noun} can set the paces.`;
  }
  return `By the paces of that day it takes ${formatDuration(times(distance))}. Its result moves nothing by itself: write it in, and new paces are offered from the day after.`;
}
