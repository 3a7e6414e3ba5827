import { bases, shownSteps, units } from '@nadir/core/base';
import { type WallSheet, wallSheets } from '@nadir/core/present/handout';
import { z } from 'zod';
import { blockFile } from '../block-file/schema.js';
import { civilDate, line } from '../primitives.js';
import { plannedDay } from './planned-days.js';

/** What a block can leave the desk as. */
export const handoutForms = [
  'wall-sheet',
  'week-sheet',
  'month-sheet',
  'session-card',
  'pace-card',
  'race-card',
  'week-text',
  'week-markdown',
  'spreadsheet',
  'weeks-csv',
  'days-csv',
  'calendar',
  'drawing-svg',
  'drawing-png',
] as const;
export type HandoutForm = (typeof handoutForms)[number];

/** How figures are written: with a point, or with a decimal comma. */
const numberFormats = ['point', 'comma'] as const;
export type NumberFormat = (typeof numberFormats)[number];

const wallSheetNames = Object.keys(wallSheets) as [WallSheet, ...WallSheet[]];

/** What is asked for. */
export const handoutBody = z.strictObject({
  form: z.enum(handoutForms),
  /** Of the forms that are of one week. */
  week: z.int().min(1).max(60).optional(),
  /** The day of a session’s card; else the next hard one. */
  date: civilDate.optional(),
  paper: z.enum(wallSheetNames).default('a4'),
  numbers: z.enum(numberFormats).default('point'),
});
export type HandoutBody = z.infer<typeof handoutBody>;

const words = line(200);

/** A table of a group, as its page shows it: it goes on one page of paper. */
export const groupCardBody = z.strictObject({
  title: line(200).min(1),
  lines: z.array(words).max(10),
  head: z.array(words).min(1).max(12),
  rows: z.array(z.array(words).max(12)).max(300),
  foot: words,
});
export type GroupCardBody = z.infer<typeof groupCardBody>;

/** The same, as the thread that makes handouts is given it. */
export const groupCardOrder = z.strictObject({
  card: groupCardBody,
  coach: z.string(),
  today: civilDate,
});
export type GroupCardOrder = z.infer<typeof groupCardOrder>;

/** A file for the athlete’s hands. */
export const handoutFile = z.object({
  name: line(200).min(1),
  /** Its media type. */
  type: z.string(),
  base64: z.base64(),
});
export type HandoutFile = z.infer<typeof handoutFile>;

/** An issue of a plan: which version left the desk, when, and as what. */
export const handout = z.object({
  id: z.uuid(),
  /** The version that was handed out. */
  revision: z.int().min(1),
  at: z.iso.datetime(),
  /** Whose plan it is. */
  to: line(120).min(1),
  form: z.enum(handoutForms),
});
export type HandedOver = z.infer<typeof handout>;

/** What was handed out of a block, the newest first. */
export const handoutList = z.object({ handouts: z.array(handout) });
export type HandoutList = z.infer<typeof handoutList>;

/** A block as the thread that makes handouts is given it. */
export const blockOrder = z.strictObject({
  today: civilDate,
  measure: z.strictObject({
    basis: z.enum(bases),
    unit: z.enum(units),
    step: z.literal(shownSteps),
  }),
  wishes: blockFile,
  /** Days that stay as they were handed out. */
  history: z.array(plannedDay),
});
export type BlockOrder = z.infer<typeof blockOrder>;

/** What that thread is asked. */
export const handoutOrder = z.strictObject({
  ...handoutBody.shape,
  ...blockOrder.shape,
  blockId: z.uuid(),
  revision: z.int().min(1),
  savedAt: z.iso.datetime(),
  coach: z.string(),
  /** The hour that entries of a calendar stand at, `07:00`; whole days where there is none. */
  startsAt: z.string().nullable().default(null),
  /** The version in the athlete’s hand, where that is another: what differs from it is marked. */
  since: z.strictObject({ revision: z.int().min(1), wishes: blockFile }).optional(),
  /** The code of the athlete’s page, where there is one: squares a side, and paths of the dark ones. */
  code: z.strictObject({ size: z.int(), path: z.string() }).optional(),
});
export type HandoutOrder = z.infer<typeof handoutOrder>;
