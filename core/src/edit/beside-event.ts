import { differenceInDays, equalAsJson } from '../base/index.js';
import { dayWords } from '../base/format/index.js';
import { resolveSpec } from '../layout/index.js';
import type { Block } from '../layout/block/index.js';
import { type HouseRules, rulesOf } from '../rules/index.js';
import { leastDaysApart } from '../rules/limits/index.js';
import { type BlockEvent, lastDay } from '../spec/days/index.js';

/**
 * The events of a block beside one that is placed. A test that the product chose itself
 * stands aside for it: on days away or without running, and too near a race or a test.
 * What the coach placed stays, and what is over.
 *
 * @param today tests before it have been run
 */
export function besideEvent(
  { spec }: Block,
  others: readonly BlockEvent[],
  event: BlockEvent,
  today: string,
): { events: BlockEvent[]; words: string } {
  const standing = others.filter(({ kind, from }) => kind === 'test' && from >= today);
  const inTheWay = standing.filter((test) => isInTheWay(test, event, rulesOf(spec)));
  if (inTheWay.length === 0) return { events: [...others], words: '' };
  // What would be chosen for these answers, were nothing placed.
  const chosen = resolveSpec({ ...spec, events: undefined }).events;
  const aside = inTheWay.filter((test) => chosen.some((each) => equalAsJson(each, test)));
  return { events: others.filter((each) => !aside.includes(each)), words: asideWords(aside) };
}

function asideWords(aside: readonly BlockEvent[]): string {
  if (aside.length === 0) return '';
  const days = aside.map(({ from }) => dayWords(from)).join(' and ');
  return aside.length === 1
    ? ` The time trial on ${days} is left out for it.`
    : ` The time trials on ${days} are left out for it.`;
}

function isInTheWay(test: BlockEvent, event: BlockEvent, rules: HouseRules): boolean {
  if (event.kind === 'camp') return false;
  if (event.kind !== 'tune-up-race' && event.kind !== 'test') {
    return test.from >= event.from && test.from <= lastDay(event);
  }
  const days = differenceInDays(event.from, test.from);
  const [earlier, later] = days > 0 ? [test, event] : [event, test];
  return Math.abs(days) < leastDaysApart(earlier, later, rules);
}
