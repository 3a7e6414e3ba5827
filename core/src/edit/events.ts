import { dayWords } from '../base/format/index.js';
import { type BlockEvent, eventCharacters } from '../spec/days/index.js';
import type { Block } from '../layout/block/index.js';
import type { Command } from './command.js';
import { roomForEvent } from './room-for-event.js';

/** Places a race, a test or a stay on the block; what is written around it gives way. */
export function addEvent(block: Block, event: BlockEvent): Command {
  const title = eventCharacters[event.kind].title.toLowerCase();
  const room = roomForEvent(block, event);
  const gives = Object.keys(room).length > 0 ? ' What was written around it gives way.' : '';
  return {
    change: { events: [...block.spec.events, event], ...room },
    message: `Added ${event.name || title} on ${dayWords(event.from)}.${gives}`,
  };
}

/** Puts a changed event in the place of the one at `index`; what is written around it gives way. */
export function changeEvent(block: Block, index: number, event: BlockEvent): Command {
  const events = block.spec.events.map((each, place) => (place === index ? event : each));
  return {
    change: { events, ...roomForEvent(block, event) },
    message: `Changed ${event.name} on ${dayWords(event.from)}.`,
  };
}

/** Takes the event at `index` out. */
export function removeEvent({ spec }: Block, index: number): Command {
  const name = spec.events[index]?.name ?? '';
  const events = spec.events.filter((_, place) => place !== index);
  return { change: { events }, message: `Removed ${name}.` };
}
