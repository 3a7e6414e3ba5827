import {
  type BlockOrder,
  givenOf,
  type GroupCardOrder,
  type HandoutForm,
  type HandoutOrder,
  historyOf,
  type PageBlock,
  pageBlock,
} from '@nadir/contract';
import { layOut } from '@nadir/core';
import type { Block } from '@nadir/core/layout/block';
import { dateWords } from '@nadir/core/base/format';
import { daysMoved } from '@nadir/core/present/compare';
import { showBlock } from '@nadir/core/present/figures';
import { athleteBlock } from '@nadir/core/present/athlete-page';
import {
  daysTable,
  type Handout,
  handoutOf,
  type HandoutWeek,
  paceCard,
  raceCard,
  sessionCard,
  weekMarkdown,
  weeksTable,
  weekText,
} from '@nadir/core/present/handout';
import { calendarFile } from './calendar.js';
import { csvFile } from './csv.js';
import { drawBlock } from './drawing/block-drawing.js';
import { svgFile } from './drawing/svg.js';
import { cardSheet } from './pdf/card-sheet.js';
import { monthSheet } from './pdf/month-sheet.js';
import type { SheetFoot } from './pdf/sheet-foot.js';
import { wallSheet } from './pdf/wall-sheet.js';
import { weekSheet } from './pdf/week-sheet.js';
import { pngOf } from './png.js';
import { workbookFile } from './workbook.js';

/** A file, before it is sent. */
export interface Made {
  name: string;
  type: string;
  bytes: Uint8Array;
}

/** What a form is made from. */
interface Given {
  block: Block;
  handout: Handout;
  /** The week that is asked for; else the one that is run. */
  week: HandoutWeek;
  order: HandoutOrder;
  /** Coach, version, and the code of the athlete’s page. */
  foot: SheetFoot;
}

/** A way to leave the desk: how its file ends, what it is, and how it is made. */
interface Form {
  ending: string;
  type: string;
  ofWeek?: boolean;
  make: (given: Given) => Uint8Array | Promise<Uint8Array>;
}

const DRAWING = { width: 1200, height: 420 };
const SHEET = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';

/** Every form there is; adding one is one line, and its name in the contract. */
const forms: Readonly<Record<HandoutForm, Form>> = {
  'wall-sheet': {
    ending: 'wall sheet.pdf',
    type: 'application/pdf',
    make: ({ handout, order, foot }) => wallSheet(handout, foot, order.paper),
  },
  'week-sheet': {
    ending: 'sheet.pdf',
    type: 'application/pdf',
    ofWeek: true,
    make: ({ handout, week, foot }) => weekSheet(handout, week, foot),
  },
  'month-sheet': {
    ending: 'month sheet.pdf',
    type: 'application/pdf',
    ofWeek: true,
    make: ({ handout, week, foot }) => monthSheet(handout, week, foot),
  },
  'session-card': {
    ending: 'session card.pdf',
    type: 'application/pdf',
    make: ({ block, handout, order, foot }) =>
      cardSheet(sessionCard(block, handout, order.date ?? nextHard(handout, order.today)), foot),
  },
  'pace-card': {
    ending: 'pace card.pdf',
    type: 'application/pdf',
    make: ({ block, handout, order, foot }) =>
      cardSheet(paceCard(block, handout, order.today), foot),
  },
  'race-card': {
    ending: 'race card.pdf',
    type: 'application/pdf',
    make: ({ block, handout, foot }) => cardSheet(raceCard(block, handout), foot),
  },
  'week-text': {
    ending: 'text.txt',
    type: 'text/plain; charset=utf-8',
    ofWeek: true,
    make: ({ handout, week }) => bytes(weekText(handout, week)),
  },
  'week-markdown': {
    ending: 'text.md',
    type: 'text/markdown; charset=utf-8',
    ofWeek: true,
    make: ({ handout, week }) => bytes(weekMarkdown(handout, week)),
  },
  spreadsheet: {
    ending: 'block.xlsx',
    type: SHEET,
    make: ({ handout, foot }) => workbookFile(handout, foot.version),
  },
  'weeks-csv': {
    ending: 'weeks.csv',
    type: 'text/csv; charset=utf-8',
    make: ({ handout, order }) => csvFile(weeksTable(handout), order.numbers),
  },
  'days-csv': {
    ending: 'days.csv',
    type: 'text/csv; charset=utf-8',
    make: ({ handout, order }) => csvFile(daysTable(handout), order.numbers),
  },
  calendar: {
    ending: 'calendar.ics',
    type: 'text/calendar; charset=utf-8',
    make: ({ handout, order }) => calendarFile(handout, order),
  },
  'drawing-svg': {
    ending: 'drawing.svg',
    type: 'image/svg+xml',
    make: ({ handout }) => bytes(drawing(handout)),
  },
  'drawing-png': {
    ending: 'drawing.png',
    type: 'image/png',
    make: ({ handout }) => pngOf(drawing(handout)),
  },
};

/** A table of a group on one page. */
export async function makeGroupCard({ card, coach, today }: GroupCardOrder): Promise<Made> {
  return {
    name: `${fileWords(card.title)}.pdf`,
    type: 'application/pdf',
    bytes: await cardSheet(card, { coach, version: dateWords(today) }, 'a4'),
  };
}

/** What an athlete’s page shows of a block: what the contract lists, and nothing else. */
export function makePage(order: BlockOrder): PageBlock {
  const { block, shown } = laidOut(order);
  return pageBlock.parse(athleteBlock(block, shown, order.today));
}

/** The days to come on which the version in the athlete’s hand asks for something else. */
function changedSince(
  { since, today, ...order }: HandoutOrder,
  block: Block,
): SheetFoot['changed'] {
  if (!since) return undefined;
  const then = laidOut({ ...order, today, wishes: since.wishes }).block;
  const days = new Set(daysMoved(then, block, today));
  return days.size > 0 ? { days, since: `version ${since.revision}` } : undefined;
}

function laidOut({ wishes, measure, today, history }: BlockOrder) {
  const how = { asOf: today, history: historyOf(history), shown: measure };
  const block = layOut(givenOf(wishes), how);
  return { block, shown: showBlock(block, measure) };
}

/** Lays the block out as it stands, and makes one handout of it. */
export async function makeHandout(order: HandoutOrder): Promise<Made> {
  const { today } = order;
  const { block, shown } = laidOut(order);
  const handout = handoutOf(block, shown, today);
  const week = weekFor(handout, order);
  const { ending, type, ofWeek, make } = forms[order.form];
  const { coach, code, revision } = order;
  const foot = {
    coach,
    code,
    version: `Version ${revision}, ${dateWords(today)}`,
    changed: changedSince(order, block),
  };
  const weekWords = ofWeek ? `week ${week.number} ` : '';
  return {
    name: `${fileWords(handout.athlete)} ${fileWords(handout.race.name)} ${weekWords}${ending}`,
    type,
    bytes: await make({ block, handout, week, order, foot }),
  };
}

function weekFor({ weeks }: Handout, { week, today }: HandoutOrder): HandoutWeek {
  const asked = weeks.find(({ number }) => number === week);
  const present = weeks.findLast(({ start }) => start <= today);
  const found = asked ?? present ?? weeks[0];
  if (!found) throw new Error('A block without weeks is never kept.');
  return found;
}

/** The next day that a card is wanted for: a hard one, else the race. */
function nextHard({ weeks, race }: Handout, today: string): string {
  const days = weeks.flatMap((week) => week.days);
  return days.find(({ date, targets }) => date >= today && targets.length > 0)?.date ?? race.date;
}

function drawing(handout: Handout): string {
  const box = { x: 20, y: 10, width: DRAWING.width - 40, height: DRAWING.height - 20 };
  return svgFile(drawBlock(handout, box, 12), DRAWING);
}

/** What every system takes in the name of a file. */
function fileWords(name: string): string {
  return name
    .replace(/[\\/:*?"<>|\p{Cc}]+/gu, ' ')
    .replace(/\s+/g, ' ')
    .trim()
    .slice(0, 60);
}

function bytes(text: string): Uint8Array {
  return Buffer.from(text, 'utf8');
}
