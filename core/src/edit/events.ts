import { dayWords } from '../base/format/index.js';
import type { CivilDate } from '../base/index.js';
import { type BlockEvent, eventCharacters } from '../spec/days/index.js';
import type { Block } from '../layout/block/index.js';
import { besideEvent } from './beside-event.js';
import type { Command } from './command.js';
import { GAVE_WAY, roomForEvent } from './room-for-event.js';

/** How an event is taken in. */
interface Placing {
  /** Whether what is written around it gives way. */
  makesRoom?: boolean;
  /** Tests before it have been run. */
  today?: CivilDate;
}

/** Places a race, a test or a stay on the block. */
export function addEvent(block: Block, event: BlockEvent, placing: Placing = {}): Command {
  const title = eventCharacters[event.kind].title.toLowerCase();
  const { change, words } = placed(block, { event, others: block.spec.events }, placing);
  const { events } = change;
  return {
    change: { ...change, events: [...events, event] },
    message: `Added ${event.name || title} on ${dayWords(event.from)}.${words}`,
  };
}

/** Puts a changed event in the place of the one at `index`. */
export function changeEvent(
  block: Block,
  index: number,
  event: BlockEvent,
  placing: Placing = {},
): Command {
  const others = block.spec.events.filter((_, place) => place !== index);
  const { change, words } = placed(block, { event, others }, placing);
  const at = block.spec.events.slice(0, index).filter((each) => change.events.includes(each));
  return {
    change: { ...change, events: change.events.toSpliced(at.length, 0, event) },
    message: `Changed ${event.name} on ${dayWords(event.from)}.${words}`,
  };
}

/** The other events as they stand beside one that is placed, and what is written around it. */
function placed(
  block: Block,
  { event, others }: { event: BlockEvent; others: readonly BlockEvent[] },
  { makesRoom = true, today = '' }: Placing,
) {
  const beside = besideEvent(block, others, event, today);
  const { room, words } = makesRoom ? roomIn(block, event) : NO_ROOM;
  return { change: { events: beside.events, ...room }, words: `${words}${beside.words}` };
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
