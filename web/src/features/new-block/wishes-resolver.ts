import { type BlockFile, toBlockFile } from '@nadir/contract';
import type { CivilDate } from '@nadir/core/base';
import { type FieldErrors, type Resolver, set } from 'react-hook-form';
import { answer } from './questions.js';
import * as wording from './wording.js';

/** What the form of a plan holds: the wishes as far as they are given. */
export interface Asked {
  wishes: BlockFile;
}

/**
 * The block to keep, with what was worked out; or what stands in its way, each
 * problem at its place in the wishes.
 */
export function wishesResolver(
  today: CivilDate,
  { mayBePast, needsName }: { mayBePast: boolean; needsName: boolean },
): Resolver<Asked, unknown, BlockFile> {
  return ({ wishes: asked }) => {
    const { file, wishes, problems } = answer(asked, today, { mayBePast });
    const nameless = needsName && (asked.athlete?.name ?? '').trim() === '';
    if (file && !nameless) {
      return { values: toBlockFile(wishes, file.start === undefined), errors: {} };
    }
    const errors: FieldErrors<Asked> = {};
    for (const { code, path, message } of problems) {
      set(errors, ['wishes', ...path].join('.'), { type: code, message });
    }
    if (nameless) {
      const message = wording.giveTheAthleteAName;
      set(errors, 'wishes.athlete.name', { type: 'nameless', message });
    }
    return { values: {}, errors };
  };
}
