import {
  type BlockFile,
  type OpenBlock,
  givenOf,
  historyOf,
  problemsOfWishes,
  toBlockFile,
} from '@nadir/contract';
import { layOut } from '@nadir/core';
import type { CivilDate } from '@nadir/core/base';
import {
  followingBlock,
  fromTemplate,
  type Template,
  type TemplatePart,
  withoutParts,
} from '@nadir/core/edit';
import { settledSpec } from '@nadir/core/edit/answers';
import type { BlockSpec } from '@nadir/core/spec';
import { UNNAMED_RACE } from './questions.js';

/** The wishes of a block toward the next goal race, started from what was handed out of the block before it. */
export function startAfter(
  { wishes, history }: Pick<OpenBlock, 'wishes' | 'history'>,
  today: CivilDate,
): BlockFile {
  const before = layOut(givenOf(wishes), { asOf: today, history: historyOf(history) });
  const next = followingBlock(before, {
    name: UNNAMED_RACE,
    distance: wishes.race.distance,
  });
  return fileOf(next) ?? wishes;
}

/** A block that starts from a template, and the parts of it that could not be fitted. */
export interface FromTemplate {
  file: BlockFile;
  unfit: readonly TemplatePart[] | 'all';
}

/**
 * The same wishes in the shape of a template, scaled to the athlete’s own start
 * and peak; without its fixed figures, or unchanged, where they cannot be fitted.
 */
export function startFromTemplate(template: Template, asked: BlockFile): FromTemplate {
  const {
    format: _format,
    version: _version,
    athlete,
    race,
    weekStartsOn,
    houseRules,
    paces,
    weeks,
  } = asked;
  const given = { athlete, race, weekStartsOn, houseRules, paces, weeks };
  for (const unfit of [[], FIGURES]) {
    const file = fileOf(fromTemplate(withoutParts(template, unfit), given));
    if (file) return { file, unfit };
  }
  return { file: asked, unfit: 'all' };
}

/** What of a template is figures of another athlete’s. */
const FIGURES: readonly TemplatePart[] = ['weeks', 'days'];

function fileOf(given: BlockSpec): BlockFile | undefined {
  if (problemsOfWishes(given).length > 0) return undefined;
  return toBlockFile(settledSpec(given), true);
}
