import type { CivilDate } from '@nadir/core/base';
import type { FieldErrors, Resolver } from 'react-hook-form';
import { type ResultDraft, readDraft } from './result-draft.js';

/** What is wrong with a result that is typed, field by field, as a form takes it. */
export function resultResolver(today: CivilDate): Resolver<ResultDraft> {
  return (draft) => {
    const read = readDraft(draft, today);
    if (!('problems' in read)) return { values: draft, errors: {} };
    const errors: FieldErrors<ResultDraft> = {};
    for (const [field, message] of Object.entries(read.problems)) {
      errors[field as keyof typeof read.problems] = { type: 'value', message };
    }
    return { values: {}, errors };
  };
}
