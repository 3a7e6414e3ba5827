import { type z } from 'zod';
import { BLOCK_BYTES } from '../block-file/parse.js';
import {
  addAthleteBody,
  athlete,
  athletePreview,
  athletePreviewBody,
  athleteStateBody,
  blockList,
  coach,
  done,
  firstCoachBody,
  history,
  historyQuery,
  houseRulesBody,
  libraryBody,
  live,
  newBlockBody,
  pacesBody,
  pastBody,
  passwordBody,
  openBlock,
  plannedDays,
  ready,
  saveAthleteBody,
  saveBlockBody,
  session,
  settingsChange,
  signInBody,
  squad,
  template,
  templateBody,
  templateList,
  version,
} from './bodies.js';
import { glances } from './glances.js';
import { keepEntryBody, keptEntry, record, recordQuery, removeEntryBody } from './record.js';

/** One route of the API: what it takes and what it answers. */
export interface Route {
  method: 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE';
  /** Path with `{id}` parameters. */
  path: string;
  summary: string;
  body?: z.ZodType;
  /** Most bytes of the body, where they are not the usual. */
  bodyBytes?: number;
  query?: z.ZodType;
  answer: z.ZodType;
}

const KILO = 1024;
/** Most bytes of a body: settings and the like are a few hundred. */
export const USUAL_BYTES = 16 * KILO;
/** Before anyone is signed in. */
const SIGN_IN_BYTES = 4 * KILO;
/** A block or template with what is sent around it. */
const BLOCK_BODY_BYTES = BLOCK_BYTES + 4 * KILO;
const TABLE_BYTES = 64 * KILO;
const LIBRARY_BYTES = 512 * KILO;

/** Every route there is: the server serves these, the client calls these, the docs list these. */
export const routes = {
  live: {
    method: 'GET',
    path: '/health/live',
    summary: 'Whether the server runs.',
    answer: live,
  },
  ready: {
    method: 'GET',
    path: '/health/ready',
    summary: 'Whether the server and its database answer; 503 when they do not.',
    answer: ready,
  },
  session: {
    method: 'GET',
    path: '/api/session',
    summary: 'Who is signed in, and today.',
    answer: session,
  },
  signIn: {
    method: 'POST',
    path: '/api/sign-in',
    summary: 'Signs a coach in.',
    body: signInBody,
    bodyBytes: SIGN_IN_BYTES,
    answer: coach,
  },
  signInDemo: {
    method: 'POST',
    path: '/api/sign-in/demo',
    summary: 'Signs the demo coach in; only on a demo.',
    answer: coach,
  },
  firstCoach: {
    method: 'POST',
    path: '/api/first-coach',
    summary: 'Creates the first coach and signs in.',
    body: firstCoachBody,
    bodyBytes: SIGN_IN_BYTES,
    answer: coach,
  },
  signOut: { method: 'POST', path: '/api/sign-out', summary: 'Signs out.', answer: done },
  savePassword: {
    method: 'PUT',
    path: '/api/password',
    summary: 'Changes the coach’s password and signs out everywhere else.',
    body: passwordBody,
    bodyBytes: SIGN_IN_BYTES,
    answer: done,
  },
  saveSettings: {
    method: 'PATCH',
    path: '/api/settings',
    summary: 'Changes some of the coach’s settings.',
    body: settingsChange,
    answer: coach,
  },
  squad: {
    method: 'GET',
    path: '/api/squad',
    summary: 'Every athlete with the present block.',
    answer: squad,
  },
  glances: {
    method: 'GET',
    path: '/api/squad/glances',
    summary: 'Every athlete with the present block at a glance, laid out by the server.',
    answer: glances,
  },
  addAthlete: {
    method: 'POST',
    path: '/api/athletes',
    summary: 'Adds an athlete.',
    body: addAthleteBody,
    answer: athlete,
  },
  athlete: { method: 'GET', path: '/api/athletes/{id}', summary: 'One athlete.', answer: athlete },
  saveAthlete: {
    method: 'PUT',
    path: '/api/athletes/{id}',
    summary:
      'Changes an athlete’s record, and lays out the athlete’s blocks by it but for those kept apart.',
    body: saveAthleteBody,
    answer: athlete,
  },
  previewAthlete: {
    method: 'POST',
    path: '/api/athletes/{id}/preview',
    summary:
      'Says which days to come a changed record would move, block by block; changes nothing.',
    body: athletePreviewBody,
    answer: athletePreview,
  },
  setAthleteState: {
    method: 'PUT',
    path: '/api/athletes/{id}/state',
    summary: 'Archives or removes an athlete, or puts the athlete back; nothing is deleted.',
    body: athleteStateBody,
    answer: athlete,
  },
  record: {
    method: 'GET',
    path: '/api/athletes/{id}/record',
    summary: 'What an athlete ran from one day to another.',
    query: recordQuery,
    answer: record,
  },
  keepEntry: {
    method: 'PUT',
    path: '/api/athletes/{id}/record',
    summary: 'Keeps what was run in one place of one day; refused with 409 on a stale revision.',
    body: keepEntryBody,
    answer: keptEntry,
  },
  removeEntry: {
    method: 'POST',
    path: '/api/athletes/{id}/record/remove',
    summary: 'Removes an entry; keeping it again on the answered revision puts it back.',
    body: removeEntryBody,
    answer: keptEntry,
  },
  addBlock: {
    method: 'POST',
    path: '/api/blocks',
    summary: 'Lays out a new block and keeps its wishes.',
    body: newBlockBody,
    bodyBytes: BLOCK_BODY_BYTES,
    answer: openBlock,
  },
  saveHouseRules: {
    method: 'PUT',
    path: '/api/house-rules',
    summary: 'Saves the coach’s house rules; no block is laid out anew by it.',
    body: houseRulesBody,
    answer: coach,
  },
  savePaces: {
    method: 'PUT',
    path: '/api/paces',
    summary: 'Saves the coach’s named paces; no block takes them over by it.',
    body: pacesBody,
    bodyBytes: TABLE_BYTES,
    answer: coach,
  },
  saveLibrary: {
    method: 'PUT',
    path: '/api/library',
    summary: 'Saves the coach’s own sessions; blocks keep those they have.',
    body: libraryBody,
    bodyBytes: LIBRARY_BYTES,
    answer: coach,
  },
  blocks: {
    method: 'GET',
    path: '/api/blocks',
    summary: 'Every block of every athlete.',
    answer: blockList,
  },
  removeBlock: {
    method: 'DELETE',
    path: '/api/blocks/{id}',
    summary: 'Takes a block off the lists; it can be put back.',
    answer: done,
  },
  putBackBlock: {
    method: 'POST',
    path: '/api/blocks/{id}/put-back',
    summary: 'Puts a removed block back.',
    answer: openBlock,
  },
  templates: {
    method: 'GET',
    path: '/api/templates',
    summary: 'Every template.',
    answer: templateList,
  },
  addTemplate: {
    method: 'POST',
    path: '/api/templates',
    summary: 'Keeps a template.',
    body: templateBody,
    bodyBytes: BLOCK_BODY_BYTES,
    answer: template,
  },
  removeTemplate: {
    method: 'DELETE',
    path: '/api/templates/{id}',
    summary: 'Takes a template off the list; it can be put back.',
    answer: done,
  },
  putBackTemplate: {
    method: 'POST',
    path: '/api/templates/{id}/put-back',
    summary: 'Puts a removed template back.',
    answer: done,
  },
  block: {
    method: 'GET',
    path: '/api/blocks/{id}',
    summary: 'One block, its past as it was handed out.',
    answer: openBlock,
  },
  saveBlock: {
    method: 'PUT',
    path: '/api/blocks/{id}',
    summary: 'Saves changed wishes; refused with 409 on a stale revision.',
    body: saveBlockBody,
    bodyBytes: BLOCK_BODY_BYTES,
    answer: openBlock,
  },
  blockHistory: {
    method: 'GET',
    path: '/api/blocks/{id}/history',
    summary: 'The changes of a block in pages, newest first, without their versions.',
    query: historyQuery,
    answer: history,
  },
  blockVersion: {
    method: 'GET',
    path: '/api/blocks/{id}/history/{revision}',
    summary: 'One version of a block as it was stored.',
    answer: version,
  },
  changePast: {
    method: 'PUT',
    path: '/api/blocks/{id}/past',
    summary: 'Opens days that are over for changes, or closes them as they now stand.',
    body: pastBody,
    answer: openBlock,
  },
  blockDays: {
    method: 'GET',
    path: '/api/blocks/{id}/days',
    summary: 'The plan of every day of a block, each day and run with an id that stays.',
    answer: plannedDays,
  },
} as const satisfies Record<string, Route>;

export type RouteName = keyof typeof routes;
