import { Field } from './Field.js';
import { Tick } from './Tick.js';
import * as wording from './wording.js';

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
    <Field label={wording.health} because={wording.oftenHurtGentlerGrowthThree}>
      {({ describedBy }) => (
        <>
          <Tick
            label={wording.oftenHurt}
            describedBy={describedBy}
            checked={facts.oftenHurt ?? false}
            onAnswer={(oftenHurt) => onAnswer({ oftenHurt })}
          />
          <Tick
            label={wording.injured}
            describedBy={describedBy}
            checked={facts.injured ?? false}
            onAnswer={(injured) => onAnswer({ injured })}
          />
        </>
      )}
    </Field>
  );
}
