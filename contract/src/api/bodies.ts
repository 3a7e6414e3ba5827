import { z } from 'zod';
import { glance, refused, shownSettings } from './first-answers.js';
import { historyPart } from '../block-file/diary-part.js';
import { plannedDay } from './planned-days.js';
import {
  athleteFacts,
  anyBlockFile,
  blockFile,
  blockTemplate,
  namedPaces,
  ruleChanges,
  sessionFamily,
} from '../block-file/schema.js';
import { MOST_WORDS } from './change-words.js';
import { civilDate, line, shortText, wellFormed } from '../primitives.js';

const id = z.uuid();
const email = z
  .email()
  .max(254)
  .transform((text) => text.toLowerCase());
const instant = z.iso.datetime();

/** Only what is changed is sent, so that two changes at once do not undo each other. */
export const settingsChange = z.strictObject(shownSettings).partial();
export type SettingsChange = z.infer<typeof settingsChange>;

/** The coach's own families of sessions. */
export const library = z.array(sessionFamily).max(200);

/** How a coach coaches: what a block is laid out by when it begins. */
export const coaching = z.object({
  /** The coach’s own limits, where they differ from the product’s. */
  houseRules: ruleChanges,
  /** The coach’s own named paces; null while the product’s serve. */
  paces: namedPaces.nullable(),
  /** The coach’s own sessions, beside the product’s. */
  library,
});
export type Coaching = z.infer<typeof coaching>;

/** Taken as it is typed: spaces count. */
const password = wellFormed(200).min(1);
const newPassword = wellFormed(200).min(10, { error: 'expected ten characters or more' });

export const signInBody = z.strictObject({ email, password });
export type SignInBody = z.infer<typeof signInBody>;

export const firstCoachBody = z.strictObject({
  name: shortText,
  email,
  password: newPassword,
  /** The code that the start of the server printed, as it is typed: case and hyphens do not count. */
  code: line(40),
});
export type FirstCoachBody = z.infer<typeof firstCoachBody>;

export const passwordBody = z.strictObject({ current: password, next: newPassword });
export type PasswordBody = z.infer<typeof passwordBody>;

export const athleteBody = athleteFacts.extend({ name: shortText });
export type AthleteBody = z.infer<typeof athleteBody>;

/** With an id made by the page, so that the same athlete is added once however often it is sent. */
export const addAthleteBody = athleteBody.extend({ id: id.optional() });
export type AddAthleteBody = z.infer<typeof addAthleteBody>;

/** On the squad, kept aside, or off every list until it is put back. */
const athleteState = z.enum(['here', 'archived', 'removed']);

export const athlete = z.object({
  id,
  revision: z.int().min(1),
  state: athleteState,
  facts: athleteBody,
});
export type AthleteAnswer = z.infer<typeof athlete>;

export const saveAthleteBody = z.strictObject({
  /** The revision the change was made on. */
  revision: z.int().min(1),
  facts: athleteBody,
  /** Blocks that stay as they are: they keep what they had as their own. */
  apart: z.array(id).max(200),
});
export type SaveAthleteBody = z.infer<typeof saveAthleteBody>;

export const athleteStateBody = z.strictObject({ state: athleteState });
export type AthleteStateBody = z.infer<typeof athleteStateBody>;

export const athletePreviewBody = z.strictObject({ facts: athleteBody });
export type AthletePreviewBody = z.infer<typeof athletePreviewBody>;

/** What a changed record would mean for each block of the athlete that is still to be raced. */
export const athletePreview = z.object({
  blocks: z.array(
    z.object({
      id,
      race: z.object({ name: z.string(), date: civilDate }),
      /** Days to come that would move. */
      days: z.int().min(0),
      /** Why the block cannot be laid out so; it keeps what it had then. */
      problem: z.string().nullable(),
    }),
  ),
});
export type AthletePreview = z.infer<typeof athletePreview>;

export const block = z.object({
  id,
  athleteId: id,
  revision: z.int().min(1),
  savedAt: instant,
  wishes: blockFile,
});
export type BlockAnswer = z.infer<typeof block>;

/** A block to work on, with the days that are over as they were handed out. */
export const openBlock = block.extend({ history: z.array(plannedDay) });
export type OpenBlock = z.infer<typeof openBlock>;

/** Days of the past that are opened for changes, or closed again as they stand. */
export const pastBody = z.strictObject({ from: civilDate, to: civilDate, open: z.boolean() });
export type PastBody = z.infer<typeof pastBody>;

/** Every athlete with the block that is run now, or was last. */
export const squad = z.object({
  athletes: z.array(z.object({ ...athlete.shape, block: block.nullable() })),
});
export type Squad = z.infer<typeof squad>;

/** Every block there is, of all athletes, newest race first. */
export const blockList = z.object({ blocks: z.array(block) });
export type BlockList = z.infer<typeof blockList>;

/** Every block there is at a glance, in the same order. */
export const blockGlances = z.object({ blocks: z.array(z.object({ id, glance })) });
export type BlockGlances = z.infer<typeof blockGlances>;

/** How many findings there are of each check, block by block: each week by itself, without what is waived or over. */
export const flags = z.object({
  blocks: z.array(z.object({ id, findings: z.record(z.string(), z.int().min(1)) })),
});
export type Flags = z.infer<typeof flags>;

export const templateBody = z.strictObject({ name: shortText, template: blockTemplate });
export type TemplateBody = z.infer<typeof templateBody>;

export const template = z.object({ ...templateBody.shape, id });
export type TemplateAnswer = z.infer<typeof template>;

export const templateList = z.object({ templates: z.array(template) });
export type TemplateList = z.infer<typeof templateList>;

/** Whether each figure may be set is examined by the server, as wishes are. */
export const houseRulesBody = ruleChanges;
export type HouseRulesBody = z.infer<typeof houseRulesBody>;

/** Null goes back to the product’s. Whether each pace makes sense is examined by the server. */
export const pacesBody = z.strictObject({ table: namedPaces.nullable() });
export type PacesBody = z.infer<typeof pacesBody>;

/** The whole of the coach's own sessions; each is examined by the server. */
export const libraryBody = z.strictObject({ families: library });
export type LibraryBody = z.infer<typeof libraryBody>;

/**
 * One save, however often it is sent: a repeat after a lost answer is answered
 * with what was stored. Pages from before there were ids send none.
 */
const saveId = z.uuid().optional();

export const newBlockBody = z.strictObject({
  saveId,
  athleteId: id,
  wishes: anyBlockFile,
  /** The plan of days that are over, where a file brought it: it stays as it was handed out. */
  history: historyPart.optional(),
});
export type NewBlockBody = z.infer<typeof newBlockBody>;

export const saveBlockBody = z.strictObject({
  saveId,
  /** The revision the change was made on. */
  revision: z.int().min(1),
  wishes: anyBlockFile,
  /** What was changed, in words. */
  words: line(MOST_WORDS).min(1),
});
export type SaveBlockBody = z.infer<typeof saveBlockBody>;

/** Most changes in one page of a history. */
const PAGE = 50;

/** Which page of a history: the changes before a revision, the newest when left out. */
export const historyQuery = z.strictObject({
  before: z.coerce.number().int().min(1).max(2_147_483_647).optional(),
  limit: z.coerce.number().int().min(1).max(PAGE).default(PAGE),
});
export type HistoryQuery = z.infer<typeof historyQuery>;

const change = z.object({
  revision: z.int().min(1),
  at: instant,
  by: shortText,
  words: z.string(),
});

/** Changes without their versions, newest first, and whether there are older ones. */
export const history = z.object({ changes: z.array(change), more: z.boolean() });
export type BlockHistory = z.infer<typeof history>;

/** One version of a block, as it was stored. */
export const version = change.extend({ wishes: blockFile });
export type BlockVersion = z.infer<typeof version>;

/** The plan of every day of a block, those that are over as they were handed out. */
export const plannedDays = z.object({ days: z.array(plannedDay) });
export type PlannedDays = z.infer<typeof plannedDays>;

export const live = z.object({ status: z.literal('ok') });
export const ready = z.object({ status: z.enum(['ok', 'down']) });

export const done = z.object({ done: z.literal(true) });

/** Every refusal, and what is stored now where that is why. */
export const refusal = z.object({
  ...refused.shape,
  /** The newer version, where a save was made on a stale one. */
  current: block.optional(),
});
export type Refusal = z.infer<typeof refusal>;
/*
 * What is sent in is read strictly: an unknown field is a slip. Answers are read
 * tolerantly: a newer server may say more than this page knows.
 */
