import { handoutOrder } from '@nadir/contract';
import { type Made, makeHandout } from './make-handout.js';

/** Nothing: whoever opens the page of handouts finds the thread begun by the time they ask for one. */
export function begin(): void {}

/** What the thread does: an order is parsed where it arrives. */
export default function work(order: unknown): Promise<Made> {
  return makeHandout(handoutOrder.parse(order));
}
