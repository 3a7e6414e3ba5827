import { z } from 'zod';

/** How many days something removed stays on the list it can be put back from. */
export const REMOVED_DAYS = 30;

/** What was taken off the lists, newest first. */
export const removedList = z.object({
  removed: z.array(
    z.object({
      kind: z.enum(['athlete', 'block', 'template']),
      id: z.uuid(),
      name: z.string(),
      /** When it was removed. */
      at: z.iso.datetime(),
    }),
  ),
});
export type RemovedList = z.infer<typeof removedList>;
export type Removed = RemovedList['removed'][number];
