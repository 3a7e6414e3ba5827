import { type z } from 'zod';
import type { $ZodType } from 'zod/v4/core';
import { BLOCK_BYTES } from '../block-file/parse.js';
import {
  addAthleteBody,
  athlete,
  athletePreview,
  athletePreviewBody,
  athleteStateBody,
  blockGlances,
  blockList,
  coaching,
  done,
  firstCoachBody,
  history,
  historyQuery,
  flags,
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
  settingsChange,
  signInBody,
  squad,
  template,
  templateBody,
  templateList,
  version,
} from './bodies.js';
import { archiveBody, archiveTaken, MOST_ARCHIVE_BYTES } from './all-data.js';
import { linkBody, linkState, moveAnswerBody, moveRequest, moveRequests } from './athlete-link.js';
import { athletePage, sentAnswer, sentBody } from './athlete-page.js';
import { calendarBody, calendarState } from './calendar.js';
import { MOST_SPREADSHEET_BYTES, spreadsheet, spreadsheetBody } from './spreadsheets.js';
import { coach, glances, session } from './first-answers.js';
import { type RouteName, type RoutePath, paths } from './paths.js';
import { groupCardBody, handoutBody, handoutFile, handoutList } from './handouts.js';
import { mailBody, mailingBody, mails } from './mails.js';
import { removedList } from './removed.js';
import { watchBody, watchState, watchTracks, watchTracksQuery } from './watch.js';
import { changeRecordBody, record, recordChanged, recordQuery } from './record.js';

/** One route of the API: what it takes and what it answers. */
export interface Route extends RoutePath {
  summary: string;
  body?: z.ZodType;
  /** Most bytes of the body, where they are not the usual. */
  bodyBytes?: number;
  /** Who may come in besides those who need not say who they are: a coach, unless it is an athlete with a link. */
  door?: 'link';
  query?: z.ZodType;
  /** In either of Zod’s dialects. */
  answer: $ZodType;
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
/** A thousand runs with their words; a block with its past. */
const RECORD_BYTES = 2048 * KILO;
/** An archive in base64. */
const ARCHIVE_BYTES = Math.ceil((MOST_ARCHIVE_BYTES * 4) / 3) + KILO;
/** A spreadsheet in base64, which is a third longer. */
const SPREADSHEET_BYTES = Math.ceil((MOST_SPREADSHEET_BYTES * 4) / 3) + KILO;

/** Every route there is: the server serves these, the client calls these, the docs list these. */
export const routes = {
  live: {
    ...paths.live,
    summary: 'Whether the server runs.',
    answer: live,
  },
  ready: {
    ...paths.ready,
    summary: 'Whether the server and its database answer; 503 when they do not.',
    answer: ready,
  },
  session: {
    ...paths.session,
    summary: 'Who is signed in, and today.',
    answer: session,
  },
  signIn: {
    ...paths.signIn,
    summary: 'Signs a coach in.',
    body: signInBody,
    bodyBytes: SIGN_IN_BYTES,
    answer: coach,
  },
  signInDemo: {
    ...paths.signInDemo,
    summary: 'Signs the demo coach in; only on a demo.',
    answer: coach,
  },
  firstCoach: {
    ...paths.firstCoach,
    summary: 'Creates the first coach and signs in.',
    body: firstCoachBody,
    bodyBytes: SIGN_IN_BYTES,
    answer: coach,
  },
  signOut: { ...paths.signOut, summary: 'Signs out.', answer: done },
  savePassword: {
    ...paths.savePassword,
    summary: 'Changes the coach’s password and signs out everywhere else.',
    body: passwordBody,
    bodyBytes: SIGN_IN_BYTES,
    answer: done,
  },
  saveSettings: {
    ...paths.saveSettings,
    summary: 'Changes some of the coach’s settings.',
    body: settingsChange,
    answer: coach,
  },
  coaching: {
    ...paths.coaching,
    summary: 'How the coach coaches: house rules, named paces and sessions of their own.',
    answer: coaching,
  },
  squad: {
    ...paths.squad,
    summary: 'Every athlete with the present block.',
    answer: squad,
  },
  glances: {
    ...paths.glances,
    summary: 'Every athlete with the present block at a glance, laid out by the server.',
    answer: glances,
  },
  blockGlances: {
    ...paths.blockGlances,
    summary: 'Every block at a glance, the days that are over as they were handed out.',
    answer: blockGlances,
  },
  flags: {
    ...paths.flags,
    summary:
      'What the house rules as they stand find, by check, in the present block of every athlete.',
    answer: flags,
  },
  addAthlete: {
    ...paths.addAthlete,
    summary: 'Adds an athlete.',
    body: addAthleteBody,
    answer: athlete,
  },
  athlete: { ...paths.athlete, summary: 'One athlete.', answer: athlete },
  saveAthlete: {
    ...paths.saveAthlete,
    summary:
      'Changes an athlete’s record, and lays out the athlete’s blocks by it but for those kept apart.',
    body: saveAthleteBody,
    answer: athlete,
  },
  previewAthlete: {
    ...paths.previewAthlete,
    summary:
      'Says which days to come a changed record would move, block by block; changes nothing.',
    body: athletePreviewBody,
    answer: athletePreview,
  },
  setAthleteState: {
    ...paths.setAthleteState,
    summary: 'Archives or removes an athlete, or puts the athlete back; nothing is deleted.',
    body: athleteStateBody,
    answer: athlete,
  },
  record: {
    ...paths.record,
    summary: 'What an athlete ran from one day to another, with mornings and reviews of weeks.',
    query: recordQuery,
    answer: record,
  },
  changeRecord: {
    ...paths.changeRecord,
    summary:
      'Keeps and removes what was run, notes of mornings and reviews of weeks, all together or none; refused with 409 on a stale revision.',
    body: changeRecordBody,
    bodyBytes: RECORD_BYTES,
    answer: recordChanged,
  },
  calendar: {
    ...paths.calendar,
    summary: 'The calendar that an athlete’s devices subscribe to, without its address.',
    answer: calendarState,
  },
  changeCalendar: {
    ...paths.changeCalendar,
    summary: 'Makes a new address, told once; ends it, or sets the hour of its entries.',
    body: calendarBody,
    answer: calendarState,
  },
  athleteLink: {
    ...paths.athleteLink,
    summary: 'The secret link to an athlete’s page, if there is one.',
    answer: linkState,
  },
  changeAthleteLink: {
    ...paths.changeAthleteLink,
    summary: 'Makes a new link, ends it, or sets its last day.',
    body: linkBody,
    answer: linkState,
  },
  moveRequests: {
    ...paths.moveRequests,
    summary: 'Days that an athlete asked to run on another, the newest first.',
    answer: moveRequests,
  },
  answerMoveRequest: {
    ...paths.answerMoveRequest,
    summary: 'Says what became of a request; the day itself is moved with the block.',
    body: moveAnswerBody,
    answer: moveRequest,
  },
  mails: {
    ...paths.mails,
    summary: 'What is sent to an athlete by mail, and what was; a simulated stand-in.',
    answer: mails,
  },
  saveMailing: {
    ...paths.saveMailing,
    summary: 'Sets where, when and as what the week is sent by itself; or that it is not.',
    body: mailingBody,
    answer: mails,
  },
  sendMail: {
    ...paths.sendMail,
    summary: 'Sends one week now; of one id it is sent once.',
    body: mailBody,
    answer: mails,
  },
  mailFile: {
    ...paths.mailFile,
    summary: 'A mail as it was sent.',
    answer: handoutFile,
  },
  groupCard: {
    ...paths.groupCard,
    summary: 'A table of a group as a PDF on one page; kept nowhere.',
    body: groupCardBody,
    bodyBytes: TABLE_BYTES,
    answer: handoutFile,
  },
  allData: {
    ...paths.allData,
    summary: 'Everything a coach keeps, in one archive of open files.',
    answer: handoutFile,
  },
  takeAllData: {
    ...paths.takeAllData,
    summary: 'Takes an archive in, all of it or nothing; what stands is not changed.',
    body: archiveBody,
    bodyBytes: ARCHIVE_BYTES,
    answer: archiveTaken,
  },
  athletePage: {
    ...paths.athletePage,
    summary: 'All that an athlete’s link opens.',
    door: 'link',
    answer: athletePage,
  },
  sendFromPage: {
    ...paths.sendFromPage,
    summary: 'Takes what an athlete noted or asks for; sent twice, it is taken once.',
    door: 'link',
    body: sentBody,
    answer: sentAnswer,
  },
  watch: {
    ...paths.watch,
    summary: 'Whether an athlete’s watch is connected; a simulated stand-in.',
    answer: watchState,
  },
  connectWatch: {
    ...paths.connectWatch,
    summary: 'Connects an athlete’s watch, or disconnects it.',
    body: watchBody,
    answer: watchState,
  },
  watchTracks: {
    ...paths.watchTracks,
    summary: 'What a connected watch recorded from one day to another, as GPX 1.1 tracks.',
    query: watchTracksQuery,
    answer: watchTracks,
  },
  addBlock: {
    ...paths.addBlock,
    summary: 'Lays out a new block and keeps its wishes.',
    body: newBlockBody,
    bodyBytes: RECORD_BYTES,
    answer: openBlock,
  },
  saveHouseRules: {
    ...paths.saveHouseRules,
    summary: 'Saves the coach’s house rules; no block is laid out anew by it.',
    body: houseRulesBody,
    answer: coaching,
  },
  savePaces: {
    ...paths.savePaces,
    summary: 'Saves the coach’s named paces; no block takes them over by it.',
    body: pacesBody,
    bodyBytes: TABLE_BYTES,
    answer: coaching,
  },
  saveLibrary: {
    ...paths.saveLibrary,
    summary: 'Saves the coach’s own sessions; blocks keep those they have.',
    body: libraryBody,
    bodyBytes: LIBRARY_BYTES,
    answer: coaching,
  },
  readSpreadsheet: {
    ...paths.readSpreadsheet,
    summary: 'Reads the cells of a spreadsheet (XLSX); nothing of it is kept.',
    body: spreadsheetBody,
    bodyBytes: SPREADSHEET_BYTES,
    answer: spreadsheet,
  },
  blocks: {
    ...paths.blocks,
    summary: 'Every block of every athlete.',
    answer: blockList,
  },
  removeBlock: {
    ...paths.removeBlock,
    summary: 'Takes a block off the lists; it can be put back.',
    answer: done,
  },
  putBackBlock: {
    ...paths.putBackBlock,
    summary: 'Puts a removed block back.',
    answer: openBlock,
  },
  templates: {
    ...paths.templates,
    summary: 'Every template.',
    answer: templateList,
  },
  addTemplate: {
    ...paths.addTemplate,
    summary: 'Keeps a template.',
    body: templateBody,
    bodyBytes: BLOCK_BODY_BYTES,
    answer: template,
  },
  removeTemplate: {
    ...paths.removeTemplate,
    summary: 'Takes a template off the list; it can be put back.',
    answer: done,
  },
  putBackTemplate: {
    ...paths.putBackTemplate,
    summary: 'Puts a removed template back.',
    answer: done,
  },
  removed: {
    ...paths.removed,
    summary: 'What was removed in the last thirty days, newest first.',
    answer: removedList,
  },
  block: {
    ...paths.block,
    summary: 'One block, its past as it was handed out.',
    answer: openBlock,
  },
  saveBlock: {
    ...paths.saveBlock,
    summary: 'Saves changed wishes; refused with 409 on a stale revision.',
    body: saveBlockBody,
    bodyBytes: BLOCK_BODY_BYTES,
    answer: openBlock,
  },
  blockHistory: {
    ...paths.blockHistory,
    summary: 'The changes of a block in pages, newest first, without their versions.',
    query: historyQuery,
    answer: history,
  },
  blockVersion: {
    ...paths.blockVersion,
    summary: 'One version of a block as it was stored.',
    answer: version,
  },
  changePast: {
    ...paths.changePast,
    summary: 'Opens days that are over for changes, or closes them as they now stand.',
    body: pastBody,
    answer: openBlock,
  },
  handouts: {
    ...paths.handouts,
    summary: 'What was handed out of a block, the newest first.',
    answer: handoutList,
  },
  handOut: {
    ...paths.handOut,
    summary: 'Makes a handout of a block as it stands: a paper, table, text, calendar or drawing.',
    body: handoutBody,
    answer: handoutFile,
  },
  blockDays: {
    ...paths.blockDays,
    summary: 'The plan of every day of a block, each day and run with an id that stays.',
    answer: plannedDays,
  },
} as const satisfies Record<RouteName, Route>;
