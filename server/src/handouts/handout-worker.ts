import { blockOrder, groupCardOrder, handoutOrder, type PageBlock } from '@nadir/contract';
import { type Made, makeGroupCard, makeHandout, makePage } from './make-handout.js';

/** Nothing: whoever opens the page of handouts finds the thread begun by the time they ask for one. */
export function begin(): void {}

/** What an athlete’s page shows of a block. */
export function page(order: unknown): PageBlock {
  return makePage(blockOrder.parse(order));
}

/** A table of a group. */
export function groupCard(order: unknown): Promise<Made> {
  return makeGroupCard(groupCardOrder.parse(order));
}

/** What the thread does: an order is parsed where it arrives. */
export default function work(order: unknown): Promise<Made> {
  return makeHandout(handoutOrder.parse(order));
}
