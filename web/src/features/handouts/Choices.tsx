import type { NumberFormat } from '@nadir/contract';
import { dayWords } from '@nadir/core/base/format';
import {
  type HandoutDay,
  planRows,
  SMALLEST_LETTERS,
  type WallSheet,
  wallSheets,
  weeksAPage,
} from '@nadir/core/present/handout';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { Field } from '../../components/Field.js';
import * as wording from './wording.js';

const papers = [
  ['a4', 'A4'],
  ['a3', 'A3'],
  ['a4-two', wording.twoPagesOfA4],
] as const;
const numbers = [
  ['point', wording.n125CommasBetween],
  ['comma', wording.n125SemicolonsBetween],
] as const;

/** How figures are written in text files of tables. */
export function FormatChoice({
  format,
  onFormat,
}: {
  format: NumberFormat;
  onFormat: (format: NumberFormat) => void;
}) {
  return (
    <Field label={wording.figuresInCSV}>
      {(ids) => <ChoiceAnswer {...ids} value={format} choices={numbers} onAnswer={onFormat} />}
    </Field>
  );
}

/** Which session a card is made of: those to come that have repetitions at a pace. */
export function SessionChoice({
  days,
  date,
  onDate,
}: {
  days: readonly HandoutDay[];
  date: string | undefined;
  onDate: (date: string) => void;
}) {
  if (date === undefined) return null;
  return (
    <Field label={wording.sessionOnTheCard}>
      {(ids) => (
        <ChoiceAnswer
          {...ids}
          value={date}
          width="100%"
          choices={days.map((day) => [day.date, `${dayWords(day.date)}: ${day.words}`])}
          onAnswer={onDate}
        />
      )}
    </Field>
  );
}

/** A paper whose letters are too small for a wall is said before it is printed. */
export function PaperChoice({
  weeks,
  paper,
  onPaper,
}: {
  weeks: number;
  paper: WallSheet;
  onPaper: (paper: WallSheet) => void;
}) {
  const { letters } = planRows(weeksAPage(weeks, paper), wallSheets[paper].paper);
  const size = wording.typeAtPt(letters.toFixed(1));
  const isSmall = letters < SMALLEST_LETTERS;
  return (
    <Field
      label={wording.paperForTheWallSheet}
      because={isSmall ? undefined : size}
      problem={
        isSmall
          ? wording.take(size, paper === 'a4' ? wording.a3OrTwoPages : wording.twoPagesOfA4)
          : undefined
      }
    >
      {(ids) => <ChoiceAnswer {...ids} value={paper} choices={papers} onAnswer={onPaper} />}
    </Field>
  );
}
