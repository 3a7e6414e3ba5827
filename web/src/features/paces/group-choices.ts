import { z } from 'zod';

/** What a group card shows, as its address says it. */
export interface GroupChoices {
  /** Ids of the paces in its columns. */
  paces: string[];
  /** Metres of the repetitions whose splits it shows instead, at one pace. */
  reps: number[];
  at: string;
}

const usual = ['easy', 'one-hour', '10-km', '5-km'];
const words = (text: string | null) =>
  text === null ? undefined : text.split(',').filter(Boolean);

const schema = z.object({
  paces: z
    .array(z.string().regex(/^[a-z0-9-]{1,40}$/))
    .max(40)
    .catch(usual),
  reps: z.array(z.coerce.number().min(50).max(42_195)).max(8).catch([]),
  at: z
    .string()
    .regex(/^[a-z0-9-]{1,40}$/)
    .catch('5-km'),
});

/** Reads an address; whatever makes no sense is as if it were not there. */
export function readGroupChoices(search: URLSearchParams): GroupChoices {
  return schema.parse({
    paces: words(search.get('paces')) ?? usual,
    reps: words(search.get('reps')) ?? [],
    at: search.get('at') ?? '5-km',
  });
}

export function writeGroupChoices({ paces, reps, at }: GroupChoices): Record<string, string> {
  return { paces: paces.join(','), ...(reps.length > 0 && { reps: reps.join(','), at }) };
}
