import type { BlockFile } from '@nadir/contract';
import { readDistance } from '@nadir/core/base/format';
import { useState } from 'react';
import { useSignedIn } from '../../api/session.js';
import { DateAnswer } from '../../components/DateAnswer.js';
import { timeToGo } from '../../components/dates.js';
import { distanceWords } from '../../components/distance-words.js';
import { Field } from '../../components/Field.js';
import { TextAnswer } from '../../components/TextAnswer.js';
import styles from './Ask.module.css';
import { UNNAMED_RACE } from './questions.js';
import * as wording from './wording.js';

/** The one race of a group: its name, distance and day. */
export function RaceOfGroup({
  asked: { race },
  problem,
  onRace,
}: {
  asked: BlockFile;
  problem: string | undefined;
  onRace: (race: BlockFile['race']) => void;
}) {
  const { today, coach } = useSignedIn();
  const unit = coach.settings.unit === 'mi' ? 'mi' : 'km';
  const [badDistance, setBadDistance] = useState<string>();
  return (
    <fieldset className={styles.open}>
      <legend>{wording.whichRace}</legend>
      <Field label={wording.race}>
        {(ids) => (
          <TextAnswer
            {...ids}
            width={220}
            value={race.name}
            given={race.name !== UNNAMED_RACE}
            onAnswer={(text) =>
              onRace({ ...race, name: text.trim().slice(0, 120) || UNNAMED_RACE })
            }
          />
        )}
      </Field>
      <Field label={wording.distance} problem={badDistance}>
        {(ids) => (
          <TextAnswer
            {...ids}
            width={120}
            value={distanceWords(race.distance, unit)}
            given
            wrong={badDistance !== undefined}
            onAnswer={(text) => {
              const read = readDistance(text, unit);
              setBadDistance(read.ok ? undefined : read.problem);
              if (read.ok) onRace({ ...race, distance: read.value });
            }}
          />
        )}
      </Field>
      <Field
        label={wording.raceDay}
        because={race.date && wording.toGo(timeToGo(today, race.date))}
        problem={problem}
      >
        {(ids) => (
          <DateAnswer
            {...ids}
            value={race.date}
            wrong={problem !== undefined}
            onAnswer={(date) => onRace({ ...race, date })}
          />
        )}
      </Field>
    </fieldset>
  );
}
