import { formatDuration, readDistance, readRaceTime } from '@nadir/core/base/format';
import { useState } from 'react';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { distanceWords } from '../../components/distance-words.js';
import { Field } from '../../components/Field.js';
import { TextAnswer } from '../../components/TextAnswer.js';
import { Tick } from '../../components/Tick.js';
import styles from './Ask.module.css';
import type { QuestionProps } from './QuestionProps.js';
import { raceDistances } from './questions.js';
import { RaceDay, RaceName } from './RaceFields.js';
import type { RaceDayMove } from './useRaceDay.js';
import * as wording from './wording.js';

export function RaceQuestions({
  asked,
  change,
  problemAt,
  today,
  raceDay,
}: QuestionProps & { raceDay?: RaceDayMove | undefined }) {
  const { race } = asked;
  const [badDistance, setBadDistance] = useState<string>();
  const [badTime, setBadTime] = useState<string>();
  const { unit = 'km' } = asked.athlete ?? {};
  const known = raceDistances.some(([metres]) => metres === race.distance);
  const [other, setOther] = useState(!known);
  const set = (part: Partial<typeof race>) => change({ race: { ...race, ...part } });
  return (
    <fieldset className={styles.open}>
      <legend>{wording.whichRace}</legend>
      <RaceName name={race.name} onName={(name) => set({ name })} />
      <Field label={wording.distance} because={wording.setsBlockLength} problem={badDistance}>
        {(ids) => (
          <>
            <ChoiceAnswer
              {...ids}
              value={other ? 'other' : String(race.distance)}
              choices={[
                ...raceDistances.map(([metres, name]) => [String(metres), name] as const),
                ['other', wording.otherDistance] as const,
              ]}
              onAnswer={(chosen) => {
                setOther(chosen === 'other');
                setBadDistance(undefined);
                if (chosen !== 'other') set({ distance: Number(chosen) });
              }}
            />
            {other && (
              <TextAnswer
                label={wording.distanceOfTheRace}
                value={distanceWords(race.distance, unit)}
                given
                wrong={badDistance !== undefined}
                onAnswer={(text) => {
                  const read = readDistance(text, unit);
                  setBadDistance(read.ok ? undefined : read.problem);
                  if (read.ok) set({ distance: read.value });
                }}
              />
            )}
          </>
        )}
      </Field>
      <RaceDay
        date={race.date}
        today={today}
        problem={problemAt('race', 'date')}
        onDate={(date) => {
          if (raceDay) raceDay.onDay(date);
          else set({ date });
        }}
      />
      {raceDay?.written && (
        <Tick
          label={raceDay.written.label}
          checked={raceDay.written.goes}
          onAnswer={raceDay.written.onGoes}
        />
      )}
      <Field label={wording.goalTime} because={wording.notNeeded} problem={badTime}>
        {(ids) => (
          <TextAnswer
            {...ids}
            value={race.goalTime === undefined ? '' : formatDuration(race.goalTime)}
            given
            wrong={badTime !== undefined}
            onAnswer={(text) => {
              const read = readRaceTime(text, race.distance);
              const none = text.trim() === '';
              setBadTime(read.ok || none ? undefined : read.problem);
              if (read.ok || none) set({ goalTime: read.ok ? read.value : undefined });
            }}
          />
        )}
      </Field>
    </fieldset>
  );
}
