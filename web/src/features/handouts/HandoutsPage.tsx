import Button from '@mui/material/Button';
import type { BlockFile, NumberFormat } from '@nadir/contract';
import { dayWords } from '@nadir/core/base/format';
import {
  type HandoutDay,
  handoutOf,
  type Paper,
  planRows,
  SMALLEST_LETTERS,
  weekText,
} from '@nadir/core/present/handout';
import { useEffect, useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { useSignedIn } from '../../api/session.js';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { Field } from '../../components/Field.js';
import { useSay } from '../../components/messages.js';
import { useLaidBlock } from '../../components/useLaidBlock.js';
import { weekOf } from '../../drawing/days.js';
import { InEditor } from '../../editor/InEditor.js';
import { OpenBlockTitle } from '../../editor/OpenBlockTitle.js';
import { useEditor } from '../../editor/useEditor.js';
import { formGroups } from './handout-forms.js';
import { HandedOut } from './HandedOut.js';
import styles from './Handouts.module.css';
import { Subscription } from './Subscription.js';
import { TakeBack } from './TakeBack.js';
import { useHandout } from './useHandout.js';

/** Everything a block can leave the desk as. */
export function HandoutsPage() {
  const { id = '' } = useParams();
  return <InEditor id={id}>{(file) => <OpenHandouts id={id} file={file} />}</InEditor>;
}

const papers = [
  ['a4', 'A4'],
  ['a3', 'A3'],
] as const;
const numbers = [
  ['point', '12.5, commas between'],
  ['comma', '12,5, semicolons between'],
] as const;

function OpenHandouts({ id, file }: { id: string; file: BlockFile }) {
  const { today } = useSignedIn();
  const base = useLaidBlock(file);
  const { block, shown } = base;
  const handout = useMemo(() => handoutOf(block, shown, today), [block, shown, today]);
  const revision = useEditor((editor) => editor.block?.revision) ?? 1;
  const [week, setWeek] = useState(weekOf(block.weeks, today) ?? 1);
  const [paper, setPaper] = useState<Paper>('a4');
  const [format, setFormat] = useState<NumberFormat>('point');
  const hard = handout.weeks
    .flatMap(({ days }) => days)
    .filter(({ date: on, targets }) => on >= today && targets.length > 0);
  const [date, setDate] = useState(hard[0]?.date);
  const { make, making, problem } = useHandout(id);
  const say = useSay();
  const chosen = handout.weeks.find(({ number }) => number === week);
  const text = chosen ? weekText(handout, chosen) : '';
  useEffect(() => {
    document.title = `Handouts of ${block.spec.athlete.name || 'a block'} · Nadir`;
  }, [block.spec.athlete.name]);

  async function copy() {
    try {
      await navigator.clipboard.writeText(text);
      say({ text: `Copied week ${week}.` });
    } catch {
      say({ text: 'The clipboard is closed to this page. Select the text and copy it.' });
    }
  }

  return (
    <>
      <OpenBlockTitle spec={block.spec} view="Handouts" />
      <main className={styles.main}>
        <section aria-label="The week as a message" className={styles.message}>
          <h2 className="display">The week as a message</h2>
          <Field label="Week">
            {(ids) => (
              <ChoiceAnswer
                {...ids}
                value={String(week)}
                choices={handout.weeks.map(({ number, from }) => [
                  String(number),
                  `${number}, from ${from}`,
                ])}
                onAnswer={(value) => setWeek(Number(value))}
              />
            )}
          </Field>
          <pre className={styles.text} tabIndex={0} aria-label={`Week ${week} as text`}>
            {text}
          </pre>
          <Button variant="contained" onClick={() => void copy()}>
            Copy this week
          </Button>
        </section>
        <section aria-label="Files" className={styles.files}>
          {problem !== undefined && <ErrorNote>{problem}</ErrorNote>}
          {formGroups.map(({ name, forms }) => (
            <section key={name} aria-label={name}>
              <h2 className="display">{name}</h2>
              {name === 'On paper' && (
                <>
                  <PaperChoice weeks={handout.weeks.length} paper={paper} onPaper={setPaper} />
                  <SessionChoice days={hard} date={date} onDate={setDate} />
                </>
              )}
              {name === 'In a spreadsheet' && (
                <Field label="Figures in CSV">
                  {(ids) => (
                    <ChoiceAnswer {...ids} value={format} choices={numbers} onAnswer={setFormat} />
                  )}
                </Field>
              )}
              {name === 'In a calendar' && <Subscription />}
              {name === 'In a spreadsheet' && <TakeBack handout={handout} base={base} />}
              <ul className="plain-list">
                {forms.map(({ form, name: title, why }) => (
                  <li key={form} className={styles.form}>
                    <span>
                      <b>{title}</b>
                      <br />
                      <span className="muted">{why}</span>
                    </span>
                    <Button
                      variant="outlined"
                      disabled={making !== undefined}
                      aria-label={`Download ${title}`}
                      onClick={() => void make({ form, week, date, paper, numbers: format })}
                    >
                      {making === form ? 'Making …' : 'Download'}
                    </Button>
                  </li>
                ))}
              </ul>
            </section>
          ))}
        </section>
        <aside className={styles.aside}>
          <HandedOut id={id} base={base} revision={revision} />
          <p className="small muted">
            Files are made from the version that is saved, in the unit you see. What was run, and
            every word of health, stay here.
          </p>
        </aside>
      </main>
    </>
  );
}

/** Which session a card is made of: those to come that have repetitions at a pace. */
function SessionChoice({
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
function PaperChoice({
  weeks,
  paper,
  onPaper,
}: {
  weeks: number;
  paper: Paper;
  onPaper: (paper: Paper) => void;
}) {
  const { letters } = planRows(weeks, paper);
  const size = `Letters of ${letters.toFixed(1)} pt.`;
  const isSmall = letters < SMALLEST_LETTERS;
  return (
    <Field
      label="Paper of the wall sheet"
      because={isSmall ? undefined : size}
      problem={isSmall ? `${size} Take A3.` : undefined}
    >
      {(ids) => <ChoiceAnswer {...ids} value={paper} choices={papers} onAnswer={onPaper} />}
    </Field>
  );
}
