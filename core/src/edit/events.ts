import { dayWords } from '../base/format/index.js';
import { type BlockEvent, eventCharacters } from '../spec/days/index.js';
import type { Block } from '../layout/block/index.js';
import type { Command } from './command.js';

/** Places a race, a test or a stay on the block. */
export function addEvent({ spec }: Block, event: BlockEvent): Command {
  const title = eventCharacters[event.kind].title.toLowerCase();
  return {
    change: { events: [...spec.events, event] },
    message: `Added ${event.name || title} on ${dayWords(event.from)}.`,
  };
}

/** Puts a changed event in the place of the one at `index`. */
export function changeEvent({ spec }: Block, index: number, event: BlockEvent): Command {
  const events = spec.events.map((each, place) => (place === index ? event : each));
  return { change: { events }, message: `Changed ${event.name} on ${dayWords(event.from)}.` };
}

/** Takes the event at `index` out. */
export function removeEvent({ spec }: Block, index: number): Command {
  const name = spec.events[index]?.name ?? '';
  const events = spec.events.filter((_, place) => place !== index);
  return { change: { events }, message: `Removed ${name}.` };
}
