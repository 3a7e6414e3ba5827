import { withoutHard } from '../../edit/written/index.js';
import { dayWords } from '../../base/format/index.js';
import { addDays, type CivilDate } from '../../base/index.js';
import { type BlockEvent, lastDay, lastOfWayBack } from '../../spec/days/index.js';
import type { Review } from '../done/review-block.js';
import { illnessOf, type IllnessSpell } from '../done/spells.js';
import { firstOpenDay } from '../done/to-come.js';
import { daysFrom, placedWords, raceWords } from './changes.js';
import type { Propose } from './proposal.js';
import { withWayBack } from './way-back.js';

const DOCTOR =
  'No running with a fever, a pain in the chest or a racing pulse. A doctor says when running is safe again.';

/** Illness: above the neck easy running alone; below it or with fever none, and a gentle return. */
export const afterIllness: Propose = (review) => {
  const spell = illnessOf(review);
  // Long over: nothing of it is left to heed.
  if (!spell || addDays(spell.to, spell.days) < review.today) return [];
  return spell.worst === 'above-neck' ? easyOnly(review, spell) : noRunning(review, spell);
};

function easyOnly(review: Review, spell: IllnessSpell) {
  const { block } = review;
  const from = firstOpenDay(review);
  const to = addDays(spell.to, spell.days);
  const quiet = daysFrom(block, from, to);
  const { days, isChanged } = withoutHard(block, quiet);
  const change = { days };
  return [
    {
      key: 'easy-only',
      title: `Easy running only until ${dayWords(to)}`,
      because: `A cold above the neck, ${daysWords(spell.days)}: nothing hard for as long again after it.${placedWords(quiet)}${raceWords(review, to)}`,
      command: isChanged
        ? { change, message: `Took hard running out until ${dayWords(to)}, after a cold.` }
        : undefined,
      caution: DOCTOR,
      health: true,
    },
  ];
}

function noRunning(review: Review, spell: IllnessSpell) {
  const { block, today } = review;
  const to = spell.isOver ? spell.to : later(spell.to, today);
  const event: BlockEvent = { kind: 'illness', name: 'Ill', from: spell.from, to };
  // One that stands already grows with what is told: there are no two of one illness.
  const standing = block.spec.events.find(
    (each) =>
      each.kind === 'illness' && each.from <= to && lastDay(each) >= addDays(spell.from, -1),
  );
  const placed = standing !== undefined && lastDay(standing) >= to;
  const { change, words } = withWayBack(review, standing ? { ...standing, to } : event, standing);
  const race = raceWords(review, lastOfWayBack(standing ? { ...standing, to } : event));
  const message = `${standing ? 'Lengthened' : 'Noted'} an illness, from ${dayWords(spell.from)} to ${dayWords(to)}.`;
  return [
    {
      key: 'illness',
      title: spell.isOver
        ? `Come back gently from ${daysWords(spell.days)} ill`
        : `Ill since ${dayWords(spell.from)}: no running until well`,
      because: placed
        ? `It stands in the block: less running and nothing hard for as many days as it lasted.${race}`
        : `No running while it lasts; then less and nothing hard for as many days again. Nothing is made up.${words}${race}`,
      command: placed ? undefined : { change, message },
      caution: DOCTOR,
      health: true,
    },
  ];
}

function daysWords(days: number): string {
  return days === 1 ? 'one day' : `${days} days`;
}

function later(one: CivilDate, other: CivilDate): CivilDate {
  return one > other ? one : other;
}
