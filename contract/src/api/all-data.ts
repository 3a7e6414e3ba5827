import { z } from 'zod';
import { namedPaces, ruleChanges } from '../block-file/schema.js';
import { athleteBody, library, templateBody } from './bodies.js';
import { settings } from './first-answers.js';
import { morningNote, runEntry, weekReview } from './record.js';

/** What an archive is at most, packed, in bytes: a squad of sixty with years of diaries is a tenth of it. */
export const MOST_ARCHIVE_BYTES = 24 * 1024 * 1024;

/** An archive that is taken in. */
export const archiveBody = z.strictObject({ base64: z.base64() });
export type ArchiveBody = z.infer<typeof archiveBody>;

/** What came of it. */
export const archiveTaken = z.object({
  athletes: z.int(),
  blocks: z.int(),
  runs: z.int(),
  /** Whether house rules, paces, sessions and settings were taken too: only by a coach who has none of their own. */
  rules: z.boolean(),
});
export type ArchiveTaken = z.infer<typeof archiveTaken>;

/** `nadir.json` of an archive: what it is, and what is the coach’s own. */
export const archiveHead = z.object({
  format: z.literal('nadir-archive'),
  version: z.literal(1),
  madeAt: z.iso.datetime(),
  coach: z.string(),
  settings,
  houseRules: ruleChanges,
  paces: namedPaces.nullable(),
  library,
  templates: z.array(templateBody),
});
export type ArchiveHead = z.infer<typeof archiveHead>;

/** `athlete.json` of each athlete. */
export const archivedAthlete = z.object({
  facts: athleteBody,
  state: z.enum(['here', 'archived']),
});
export type ArchivedAthlete = z.infer<typeof archivedAthlete>;

/** `diary.json` of each athlete: health words among it. */
export const archivedDiary = z.object({
  entries: z.array(runEntry),
  mornings: z.array(morningNote),
  reviews: z.array(weekReview),
});
export type ArchivedDiary = z.infer<typeof archivedDiary>;
