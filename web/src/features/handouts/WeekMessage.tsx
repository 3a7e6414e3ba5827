import Button from '@mui/material/Button';
import { type Handout, weekText } from '@nadir/core/present/handout';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { Field } from '../../components/Field.js';
import { useCopy } from '../../components/useCopy.js';
import styles from './Handouts.module.css';

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
    <section aria-label="The week as a message" className={styles.message}>
      <h2 className="display">The week as a message</h2>
      <Field label="Week">
        {(ids) => (
          <ChoiceAnswer
            {...ids}
            value={String(week)}
            choices={weeks}
            onAnswer={(value) => onWeek(Number(value))}
          />
        )}
      </Field>
      <pre className={styles.text} tabIndex={0} aria-label={`Week ${week} as text`}>
        {text}
      </pre>
      <Button variant="contained" onClick={() => void copy(text, `Copied week ${week}.`)}>
        Copy this week
      </Button>
    </section>
  );
}
