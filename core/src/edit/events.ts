import { dayWords } from '../base/format/index.js';
import { type BlockEvent, eventCharacters } from '../spec/days/index.js';
import type { Block } from '../layout/block/index.js';
import type { Command } from './command.js';
import { GAVE_WAY, roomForEvent } from './room-for-event.js';

/**
 * Places a race, a test or a stay on the block.
 *
 * @param makesRoom whether what is written around it gives way
 */
export function addEvent(block: Block, event: BlockEvent, makesRoom = true): Command {
  const title = eventCharacters[event.kind].title.toLowerCase();
  const { room, words } = makesRoom ? roomIn(block, event) : NO_ROOM;
  return {
    change: { events: [...block.spec.events, event], ...room },
    message: `Added ${event.name || title} on ${dayWords(event.from)}.${words}`,
  };
}

/** Puts a changed event in the place of the one at `index`. */
export function changeEvent(
  block: Block,
  index: number,
  event: BlockEvent,
  makesRoom = true,
): Command {
  const events = block.spec.events.map((each, place) => (place === index ? event : each));
  const { room, words } = makesRoom ? roomIn(block, event) : NO_ROOM;
  return {
    change: { events, ...room },
    message: `Changed ${event.name} on ${dayWords(event.from)}.${words}`,
  };
}

const NO_ROOM = { room: {}, words: '' } as const;

function roomIn(block: Block, event: BlockEvent) {
  const room = roomForEvent(block, event);
  return { room, words: Object.keys(room).length > 0 ? GAVE_WAY : '' };
}

/** Takes the event at `index` out. */
export function removeEvent({ spec }: Block, index: number): Command {
  const name = spec.events[index]?.name ?? '';
  const events = spec.events.filter((_, place) => place !== index);
  return { change: { events }, message: `Removed ${name}.` };
}
