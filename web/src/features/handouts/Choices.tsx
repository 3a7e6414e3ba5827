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

const papers = [
  ['a4', 'A4'],
  ['a3', 'A3'],
  ['a4-two', 'two pages of A4'],
] as const;
const numbers = [
  ['point', '12.5, commas between'],
  ['comma', '12,5, semicolons between'],
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
    <Field label="Figures in CSV">
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
    <Field label="Session of the card">
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
  const size = `Letters of ${letters.toFixed(1)} pt.`;
  const isSmall = letters < SMALLEST_LETTERS;
  return (
    <Field
      label="Paper of the wall sheet"
      because={isSmall ? undefined : size}
      problem={
        isSmall
          ? `${size} Take ${paper === 'a4' ? 'A3, or two pages' : 'two pages of A4'}.`
          : undefined
      }
    >
      {(ids) => <ChoiceAnswer {...ids} value={paper} choices={papers} onAnswer={onPaper} />}
    </Field>
  );
}
