import type { AthleteBody } from '@nadir/contract';
import { paceModels } from '@nadir/core/paces';
import { crossKinds, crossWords, rulesOf } from '@nadir/core/rules';
import { paceModelNames } from '@nadir/core/spec/choices';
import { useCoachingQuery } from '../../api/api.js';
import { useSignedIn } from '../../api/session.js';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { DateAnswer } from '../../components/DateAnswer.js';
import { NumberAnswer } from '../../components/NumberAnswer.js';
import { HealthAnswers } from '../../components/HealthAnswers.js';
import { Field } from '../../components/Field.js';
import { TextAnswer } from '../../components/TextAnswer.js';
import { WeekdaysAnswer } from '../../components/WeekdaysAnswer.js';
import styles from './Athlete.module.css';
import * as wording from './wording.js';

interface FieldsProps {
  facts: AthleteBody;
  onChange: (part: Partial<AthleteBody>) => void;
}

/** What is known of the athlete apart from any block. */
export function RecordFields({ facts, onChange }: FieldsProps) {
  return (
    <fieldset className={styles.part}>
      <legend>{wording.athlete}</legend>
      <Field
        label={wording.name}
        problem={facts.name.trim() === '' ? wording.giveTheAthleteAName : undefined}
      >
        {(ids) => (
          <TextAnswer
            {...ids}
            width={240}
            value={facts.name}
            given
            longest={120}
            wrong={facts.name.trim() === ''}
            onAnswer={(name) => onChange({ name })}
          />
        )}
      </Field>
      <NumberAnswer
        label={wording.yearOfBirth}
        because={wording.stricterLimitsApplyThroughTheYear}
        value={facts.birthYear}
        given
        least={1900}
        most={2100}
        onAnswer={(birthYear) => onChange({ birthYear })}
      />
      <GuardianConsent facts={facts} onChange={onChange} />
      <Field label={wording.unit}>
        {(ids) => (
          <ChoiceAnswer
            {...ids}
            value={facts.unit ?? 'km'}
            choices={[
              ['km', 'kilometres'],
              ['mi', 'miles'],
            ]}
            onAnswer={(unit) => onChange({ unit })}
          />
        )}
      </Field>
      <Field label={wording.countedBy} because={wording.forNewBlocks}>
        {(ids) => (
          <ChoiceAnswer
            {...ids}
            value={facts.basis ?? 'distance'}
            choices={[
              ['distance', 'distance'],
              ['time', 'time'],
            ]}
            // Amounts mean something else now: what was counted the old way is asked again.
            onAnswer={(basis) =>
              onChange({ basis, recentWeeks: undefined, longestRecentRun: undefined })
            }
          />
        )}
      </Field>
      <Field label={wording.daysOff}>
        {() => (
          <WeekdaysAnswer
            label={wording.daysOff}
            value={facts.unavailable ?? []}
            onAnswer={(unavailable) => unavailable.length < 7 && onChange({ unavailable })}
          />
        )}
      </Field>
      <HealthAnswers facts={facts} onAnswer={onChange} />
      <Heart facts={facts} onChange={onChange} />
      <CrossTraining facts={facts} onChange={onChange} />
      <Field label={wording.paceModel} because={wording.howResultsAreMadeIntoTimes}>
        {(ids) => (
          <ChoiceAnswer
            {...ids}
            value={facts.paceModel ?? 'power-law'}
            choices={paceModelNames.map((name) => [name, paceModels[name].title] as const)}
            onAnswer={(paceModel) => onChange({ paceModel })}
          />
        )}
      </Field>
    </fieldset>
  );
}

/** Asked of the young alone: nobody under 18 is coached behind a guardian’s back. */
function GuardianConsent({ facts, onChange }: FieldsProps) {
  const { today } = useSignedIn();
  const { birthYear, guardianConsent } = facts;
  if (birthYear === undefined || Number(today.slice(0, 4)) - birthYear > ADULT) return null;
  return (
    <Field
      label={wording.guardiansConsent}
      because={guardianConsent === undefined ? wording.notNoted : wording.notedOnThisDay}
    >
      {(ids) => (
        <DateAnswer
          {...ids}
          value={guardianConsent}
          latest={today}
          onAnswer={(date) => onChange({ guardianConsent: date })}
        />
      )}
    </Field>
  );
}

/** The year an athlete turns it ends the stricter limits. */
const ADULT = 18;

function Heart({ facts, onChange }: FieldsProps) {
  return (
    <>
      <NumberAnswer
        label={wording.highestHeartRate}
        because={wording.beatsAMinute}
        value={facts.maxHeart}
        given
        least={25}
        most={250}
        onAnswer={(maxHeart) => onChange({ maxHeart })}
      />
      <NumberAnswer
        label={wording.restingHeartRate}
        because={wording.beatsAMinute}
        value={facts.restHeart}
        given
        least={25}
        most={250}
        onAnswer={(restHeart) => onChange({ restHeart })}
      />
    </>
  );
}

/** What cross-training is worth to this athlete; as in the house rules where nothing is said. */
function CrossTraining({ facts: { cross = {} }, onChange }: FieldsProps) {
  const { data } = useCoachingQuery();
  const { cross: usual } = rulesOf({ houseRules: data?.houseRules });
  return crossKinds.map((kind) => (
    <NumberAnswer
      key={kind}
      label={crossWords[kind].title}
      because={wording.minutesOfRunningThatAnHourCounts(
        cross[kind] === undefined ? wording.fromTheHouseRules : '',
      )}
      value={Math.round(60 * (cross[kind] ?? usual[kind]))}
      given={cross[kind] !== undefined}
      least={0}
      most={120}
      after={wording.min}
      onAnswer={(minutes) => {
        const { [kind]: _, ...others } = cross;
        const own = minutes === undefined ? others : { ...others, [kind]: minutes / 60 };
        onChange({ cross: Object.keys(own).length > 0 ? own : undefined });
      }}
    />
  ));
}
