import { anyBlockFile } from '@nadir/contract';
import { z } from 'zod';

const carried = z.strictObject({ wishes: anyBlockFile, words: z.string() });

/** Wishes on their way from one view to another, with what was done to them in words. */
export type CarriedWishes = z.infer<typeof carried>;

/** Reads what a view was given on the way; undefined when it came with nothing. */
export function readCarried(state: unknown): CarriedWishes | undefined {
  const parsed = carried.safeParse(state);
  return parsed.success ? parsed.data : undefined;
}

const kept = z.strictObject({ isNew: z.literal(true) });

/** Tells the view of a block that it has just been kept. */
export const newBlockState: z.infer<typeof kept> = { isNew: true };

export function isNewBlock(state: unknown): boolean {
  return kept.safeParse(state).success;
}
