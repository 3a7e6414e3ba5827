import type { BlockFile } from '@nadir/contract';
import { readDistance } from '@nadir/core/base/format';
import { useState } from 'react';
import { useSignedIn } from '../../api/session.js';
import { distanceWords } from '../../components/distance-words.js';
import { Field } from '../../components/Field.js';
import { TextAnswer } from '../../components/TextAnswer.js';
import styles from './Ask.module.css';
import { RaceDay, RaceName } from './RaceFields.js';
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
      <RaceName name={race.name} onName={(name) => onRace({ ...race, name })} />
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
      <RaceDay
        date={race.date}
        today={today}
        problem={problem}
        onDate={(date) => onRace({ ...race, date })}
      />
    </fieldset>
  );
}
