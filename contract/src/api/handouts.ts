import { z } from 'zod';
import { line } from '../primitives.js';

/** An issue of a plan: which version left the desk, when, and to whom. */
export const handout = z.object({
  id: z.uuid(),
  blockId: z.uuid(),
  /** The version that was handed out. */
  revision: z.int().min(1),
  at: z.iso.datetime(),
  to: line(120).min(1),
  /** What it was handed out as. */
  form: z.enum(['paper', 'file', 'calendar', 'message', 'page']),
});
export type Handout = z.infer<typeof handout>;
