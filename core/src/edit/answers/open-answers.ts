import { equalAsJson } from '../../base/index.js';
import type { BlockSpec } from '../../spec/index.js';
import { settledSpec } from './settled.js';

/** Answers that are worked out where none is given; volume last, for an open peak has to be laid out. */
const WORKED_OUT = ['longRun', 'taper', 'week', 'phases', 'sessions', 'volume'] as const;

/** Answers whose parts are given one by one; a school comes with its figures, a layout with its phases. */
const IN_PARTS: ReadonlySet<string> = new Set(['longRun', 'week', 'volume', 'recovery']);

/**
 * A plan without the answers that would be worked out the same: what is left is the
 * coach’s own. An edit writes down every answer of its block; asked anew, those that
 * nobody gave follow the race and the athlete again, and say why they are what they are.
 *
 * Settles to the same spec as `given` does.
 */
export function openAnswers<T extends BlockSpec>(given: T): T {
  const settled = settledSpec(given);
  const isSame = (less: BlockSpec) => equalAsJson(settledSpec(less), settled);
  return WORKED_OUT.reduce<T>((kept, field) => {
    const part = ownPart(field, kept[field], (less) => isSame({ ...kept, [field]: less }));
    return { ...kept, [field]: part };
  }, given);
}

/** What has to be given of an answer for it to be what it is. */
function ownPart(field: string, part: unknown, isSame: (less: unknown) => boolean): unknown {
  if (part === undefined || isSame(undefined)) return undefined;
  if (!IN_PARTS.has(field)) return part;
  return Object.entries(part as object).reduce<object>(
    (kept, [each, value]) => ({
      ...kept,
      [each]: ownPart(each, value, (less) => isSame({ ...kept, [each]: less })),
    }),
    part as object,
  );
}
