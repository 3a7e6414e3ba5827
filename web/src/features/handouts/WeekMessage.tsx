import Button from '@mui/material/Button';
import { type Handout, weekText } from '@nadir/core/present/handout';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { Field } from '../../components/Field.js';
import { useCopy } from '../../components/useCopy.js';
import styles from './Handouts.module.css';
import * as wording from './wording.js';

/** A week as it is read in a message, to be copied. */
export function WeekMessage({
  handout,
  week,
  onWeek,
}: {
  handout: Handout;
  week: number;
  onWeek: (week: number) => void;
}) {
  const copy = useCopy();
  const chosen = handout.weeks.find(({ number }) => number === week);
  const text = chosen ? weekText(handout, chosen) : '';
  const weeks = handout.weeks.map(
    ({ number, from }) => [String(number), `${number}, from ${from}`] as const,
  );
  return (
    <section aria-label={wording.theWeekAsAMessage} className={styles.message}>
      <h2 className="display">{wording.theWeekAsAMessage}</h2>
      <Field label={wording.week}>
        {(ids) => (
          <ChoiceAnswer
            {...ids}
            value={String(week)}
            choices={weeks}
            onAnswer={(value) => onWeek(Number(value))}
          />
        )}
      </Field>
      <pre className={styles.text} tabIndex={0} aria-label={wording.weekAsText(week)}>
        {text}
      </pre>
      <Button variant="contained" onClick={() => void copy(text, wording.copiedWeek(week))}>
        {wording.copyThisWeek}
      </Button>
    </section>
  );
}
