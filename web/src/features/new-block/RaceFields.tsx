import type { BlockFile } from '@nadir/contract';
import type { CivilDate } from '@nadir/core/base';
import { DateAnswer } from '../../components/DateAnswer.js';
import { timeToGo } from '../../components/dates.js';
import { Field } from '../../components/Field.js';
import { TextAnswer } from '../../components/TextAnswer.js';
import { UNNAMED_RACE } from './questions.js';
import * as wording from './wording.js';

/** What the race is called. */
export function RaceName({ name, onName }: { name: string; onName: (name: string) => void }) {
  return (
    <Field label={wording.race}>
      {(ids) => (
        <TextAnswer
          {...ids}
          width={220}
          value={name}
          given={name !== UNNAMED_RACE}
          longest={120}
          onAnswer={(text) => onName(text.trim() || UNNAMED_RACE)}
        />
      )}
    </Field>
  );
}

/** The day of the race, and how far off it is. */
export function RaceDay({
  date,
  today,
  problem,
  onDate,
}: {
  date: BlockFile['race']['date'];
  today: CivilDate;
  problem: string | undefined;
  onDate: (date: CivilDate) => void;
}) {
  return (
    <Field
      label={wording.raceDay}
      because={date && wording.toGo(timeToGo(today, date))}
      problem={problem}
    >
      {(ids) => (
        <DateAnswer {...ids} value={date} wrong={problem !== undefined} onAnswer={onDate} />
      )}
    </Field>
  );
}
