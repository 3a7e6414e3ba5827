import { Field } from './Field.js';
import { Tick } from './Tick.js';

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
    <Field
      label="Health"
      because="Often hurt: gentler growth, three easy runs a week. Injured: nothing hard until you lift it. Pain that changes the stride belongs to a doctor or physiotherapist, who says when hard running may begin again."
    >
      {({ describedBy }) => (
        <>
          <Tick
            label="Often hurt"
            describedBy={describedBy}
            checked={facts.oftenHurt ?? false}
            onAnswer={(oftenHurt) => onAnswer({ oftenHurt })}
          />
          <Tick
            label="Injured"
            describedBy={describedBy}
            checked={facts.injured ?? false}
            onAnswer={(injured) => onAnswer({ injured })}
          />
        </>
      )}
    </Field>
  );
}
