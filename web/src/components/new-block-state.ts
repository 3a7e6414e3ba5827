import { z } from 'zod';

const kept = z.strictObject({ isNew: z.literal(true) });

/** Tells the view of a block that it has just been kept. */
export const newBlockState: z.infer<typeof kept> = { isNew: true };

export function isNewBlock(state: unknown): boolean {
  return kept.safeParse(state).success;
}
