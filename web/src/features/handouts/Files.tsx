import Button from '@mui/material/Button';
import type { NumberFormat } from '@nadir/contract';
import type { Handout, WallSheet } from '@nadir/core/present/handout';
import { type ReactNode, useState } from 'react';
import { useSignedIn } from '../../api/session.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import type { LaidAndShown } from '../../components/useLaidBlock.js';
import { AthleteLink } from './AthleteLink.js';
import { FormatChoice, PaperChoice, SessionChoice } from './Choices.js';
import { formGroups } from './handout-forms.js';
import styles from './Handouts.module.css';
import { Subscription } from './Subscription.js';
import { TakeBack } from './TakeBack.js';
import { useHandout } from './useHandout.js';
import * as wording from './wording.js';

/** Every form there is, group by group, with what may be chosen of it. */
export function Files({
  id,
  handout,
  base,
  week,
}: {
  id: string;
  handout: Handout;
  base: LaidAndShown;
  /** Of the forms that are of one week. */
  week: number;
}) {
  const { today } = useSignedIn();
  const [paper, setPaper] = useState<WallSheet>('a4');
  const [format, setFormat] = useState<NumberFormat>('point');
  const hard = handout.weeks
    .flatMap(({ days }) => days)
    .filter(({ date: on, targets }) => on >= today && targets.length > 0);
  const [date, setDate] = useState(hard[0]?.date);
  const { make, making, problem } = useHandout(id);
  const choices: Readonly<Record<string, ReactNode>> = {
    'On paper': (
      <>
        <PaperChoice weeks={handout.weeks.length} paper={paper} onPaper={setPaper} />
        <SessionChoice days={hard} date={date} onDate={setDate} />
      </>
    ),
    'In a spreadsheet': (
      <>
        <FormatChoice format={format} onFormat={setFormat} />
        <TakeBack handout={handout} base={base} />
      </>
    ),
    'In a calendar': <Subscription />,
  };
  return (
    <section aria-label={wording.files} className={styles.files}>
      {problem !== undefined && <ErrorNote>{problem}</ErrorNote>}
      <AthleteLink base={base} />
      {formGroups.map(({ name, forms }) => (
        <section key={name} aria-label={name}>
          <h2 className="display">{name}</h2>
          {choices[name]}
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
                  aria-label={wording.download(title)}
                  onClick={() => void make({ form, week, date, paper, numbers: format })}
                >
                  {making === form ? wording.making : wording.download2}
                </Button>
              </li>
            ))}
          </ul>
        </section>
      ))}
    </section>
  );
}
