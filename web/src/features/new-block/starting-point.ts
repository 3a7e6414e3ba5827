import { type BlockFile, givenOf, problemsOfWishes, toBlockFile } from '@nadir/contract';
import { layOut } from '@nadir/core';
import { followingBlock, fromTemplate, type Template } from '@nadir/core/edit';
import { resolveSpec } from '@nadir/core/layout';
import type { BlockSpec } from '@nadir/core/spec';
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
export function startFromTemplate(template: Template, asked: BlockFile): BlockFile {
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

function fileOf(given: BlockSpec): BlockFile | undefined {
  if (problemsOfWishes(given).length > 0) return undefined;
  return toBlockFile(resolveSpec(given), true);
}
