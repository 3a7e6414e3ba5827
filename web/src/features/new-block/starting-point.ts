import {
  type BlockFile,
  type BlockTemplate,
  NEWEST_VERSION,
  givenOf,
  problemsOfWishes,
  toBlockFile,
} from '@nadir/contract';
import { type Given, followingBlock, fromTemplate, layOut, settle } from '@nadir/core';
import { UNNAMED_RACE } from './questions.js';

/** The wishes of a block toward the next goal race, started from the block before it. */
export function startAfter(block: BlockFile): BlockFile {
  const { race } = block;
  const next = followingBlock(layOut(givenOf(block)), {
    name: UNNAMED_RACE,
    distance: race.distance,
  });
  return fileOf(next) ?? block;
}

/**
 * The same wishes in the shape of a template, scaled to the athlete’s own start
 * and peak; unchanged where the two cannot be fitted together.
 */
export function startFromTemplate(template: BlockTemplate, asked: BlockFile): BlockFile {
  const {
    format: _format,
    version: _version,
    athlete,
    race,
    weekStartsOn,
    houseRules,
    paces,
  } = asked;
  return (
    fileOf(fromTemplate(template, { athlete, race, weekStartsOn, houseRules, paces })) ?? asked
  );
}

function fileOf(given: Given): BlockFile | undefined {
  if (problemsOfWishes(given).length > 0) return undefined;
  return { ...toBlockFile(settle(given).wishes, true), version: NEWEST_VERSION };
}
