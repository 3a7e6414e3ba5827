import { Field } from './Field.js';

interface Health {
  oftenHurt?: boolean | undefined;
  injured?: boolean | undefined;
}

/** What holds an athlete back: said the same of the record and of a block. */
export function HealthAnswers({
  facts,
  onAnswer,
}: {
  facts: Health;
  onAnswer: (part: Health) => void;
}) {
  return (
    <>
      <Tick
        label="Often hurt"
        because="Gentler growth, three easy runs a week. Pain that changes the stride belongs to a doctor or physiotherapist."
        checked={facts.oftenHurt ?? false}
        onAnswer={(oftenHurt) => onAnswer({ oftenHurt })}
      />
      <Tick
        label="Injured"
        because="No hard running until you lift it. A doctor or physiotherapist says when."
        checked={facts.injured ?? false}
        onAnswer={(injured) => onAnswer({ injured })}
      />
    </>
  );
}

function Tick({
  label,
  because,
  checked,
  onAnswer,
}: {
  label: string;
  because: string;
  checked: boolean;
  onAnswer: (checked: boolean) => void;
}) {
  return (
    <Field label={label} because={because}>
      {({ id, describedBy }) => (
        <input
          id={id}
          aria-describedby={describedBy}
          type="checkbox"
          checked={checked}
          onChange={({ target }) => onAnswer(target.checked)}
        />
      )}
    </Field>
  );
}
