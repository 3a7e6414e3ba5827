import { handoutOrder } from '@nadir/contract';
import { type Made, makeHandout } from './make-handout.js';

/** What the thread does: an order is parsed where it arrives. */
export default function work(order: unknown): Promise<Made> {
  return makeHandout(handoutOrder.parse(order));
}
