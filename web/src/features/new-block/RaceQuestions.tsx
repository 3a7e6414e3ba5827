import type { BlockFile } from '@nadir/contract';
import { type CivilDate, isCivilDate } from '@nadir/core/base';
import { formatDuration, readTime } from '@nadir/core/base/format';
import { useState } from 'react';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { Field } from '../../components/Field.js';
import { TextAnswer } from '../../components/TextAnswer.js';
import { timeToGo } from '../../components/dates.js';
import type { QuestionProps } from './QuestionProps.js';
import { UNNAMED_RACE, raceDistances } from './questions.js';

export function RaceQuestions({
  asked,
  change,
  problemAt,
  today,
  onRaceDay,
}: QuestionProps & { onRaceDay?: ((date: CivilDate) => Partial<BlockFile>) | undefined }) {
  const { race } = asked;
  const [badTime, setBadTime] = useState<string>();
  const known = raceDistances.some(([metres]) => metres === race.distance);
  const [other, setOther] = useState(!known);
  const set = (part: Partial<typeof race>) => change({ race: { ...race, ...part } });
  return (
    <fieldset>
      <legend>Race</legend>
      <Field label="Race" because="As the athlete calls it.">
        {(ids) => (
          <TextAnswer
            {...ids}
            width={240}
            autoFocus
            value={race.name}
            given={race.name !== UNNAMED_RACE}
            onAnswer={(text) => set({ name: text.trim().slice(0, 120) || UNNAMED_RACE })}
          />
        )}
      </Field>
      <Field label="Distance" because="It sets how long the block, the long run and the taper are.">
        {(ids) => (
          <>
            <ChoiceAnswer
              {...ids}
              value={other ? 'other' : String(race.distance)}
              choices={[
                ...raceDistances.map(([metres, name]) => [String(metres), name] as const),
                ['other', 'other, in metres'] as const,
              ]}
              onAnswer={(chosen) => {
                setOther(chosen === 'other');
                if (chosen !== 'other') set({ distance: Number(chosen) });
              }}
            />{' '}
            {other && (
              <input
                className="answer"
                aria-label="Distance in metres"
                type="number"
                min={400}
                max={100_000}
                defaultValue={race.distance}
                style={{ width: 92 }}
                onChange={({ target }) =>
                  target.validity.valid &&
                  target.valueAsNumber > 0 &&
                  set({ distance: target.valueAsNumber })
                }
              />
            )}
          </>
        )}
      </Field>
      <Field
        label="Race day"
        because={race.date && `${timeToGo(today, race.date)} to go.`}
        problem={problemAt('race', 'date')}
      >
        {({ id, describedBy }) => (
          <input
            id={id}
            aria-describedby={describedBy}
            aria-invalid={problemAt('race', 'date') !== undefined}
            className="answer"
            type="date"
            value={race.date ?? ''}
            onChange={({ target }) => {
              const date = target.value;
              if (!isCivilDate(date)) return;
              if (onRaceDay) change(onRaceDay(date));
              else set({ date });
            }}
          />
        )}
      </Field>
      <Field label="Goal time" because="Not needed; h:mm:ss or mm:ss." problem={badTime}>
        {(ids) => (
          <TextAnswer
            {...ids}
            value={race.goalTime === undefined ? '' : formatDuration(race.goalTime)}
            given
            wrong={badTime !== undefined}
            onAnswer={(text) => {
              const read = readTime(text);
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
