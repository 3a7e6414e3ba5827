import { addDays } from '../../base/index.js';
import { lastDay } from '../../spec/days/index.js';
import type { Review } from './review-block.js';
import { lastSpell, type MissedSpell, missedOf } from './spells.js';
import { weeksToCome } from './to-come.js';

const WEEK = 7;

/**
 * The days missed that something may still be done about: those up to now, or more than a
 * few of them that the next week has yet to answer, though there were runs again since. An
 * illness or a hurt that stands in the block has a way back of its own.
 */
export function spellToAnswer(review: Review): MissedSpell | undefined {
  const last = lastSpell(review);
  const [next] = weeksToCome(review);
  const isOpen = last !== undefined && next !== undefined && next.start <= addDays(last.to, WEEK);
  const spell = isOpen ? last : missedOf(review);
  return spell && hasWayBack(review, spell) ? undefined : spell;
}

/** Rested for an illness or a hurt, or up to the day before it. */
function hasWayBack({ block: { spec } }: Review, { from, to }: MissedSpell): boolean {
  return spec.events.some(
    (event) => event.kind === 'illness' && event.from <= addDays(to, 1) && lastDay(event) >= from,
  );
}
