import type { AthleteAnswer, BlockFile } from '@nadir/contract';
import { shownUnit, unitName } from '@nadir/core/base';
import { formatPlain, readAmounts } from '@nadir/core/base/format';
import { useState } from 'react';
import { AmountAnswer } from '../../components/AmountAnswer.js';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { Field } from '../../components/Field.js';
import { HealthAnswers } from '../../components/HealthAnswers.js';
import { NumberAnswer } from '../../components/NumberAnswer.js';
import { TextAnswer } from '../../components/TextAnswer.js';
import { WeekdaysAnswer } from '../../components/WeekdaysAnswer.js';
import styles from './Ask.module.css';
import type { QuestionProps } from './QuestionProps.js';
import * as wording from './wording.js';

type Facts = NonNullable<BlockFile['athlete']>;

/** Who the block is for: somebody of the squad, or somebody new by name. */
export function WhoQuestion({
  asked,
  change,
  problemAt,
  squad,
  athleteId,
  onAthlete,
}: QuestionProps & {
  squad: readonly AthleteAnswer[];
  /** Empty for an athlete who is new. */
  athleteId: string;
  onAthlete: (id: string) => void;
}) {
  const facts = asked.athlete ?? {};
  // A plan that is edited stays its athlete’s.
  if (squad.length === 0 && athleteId !== '') return null;
  return (
    <fieldset className={styles.open}>
      <legend>{wording.who}</legend>
      {squad.length > 0 && (
        <Field label={wording.athlete}>
          {(ids) => (
            <ChoiceAnswer
              {...ids}
              value={athleteId}
              width={220}
              choices={[
                ['', wording.aNewAthlete],
                ...squad.map((each) => [each.id, each.facts.name] as const),
              ]}
              onAnswer={onAthlete}
            />
          )}
        </Field>
      )}
      {athleteId === '' && (
        <Field
          label={wording.name}
          because={wording.neededToKeepTheBlock}
          problem={problemAt('athlete', 'name')}
        >
          {(ids) => (
            <TextAnswer
              {...ids}
              width={220}
              value={facts.name ?? ''}
              given
              longest={120}
              wrong={problemAt('athlete', 'name') !== undefined}
              onAnswer={(name) => change({ athlete: { ...facts, name } })}
            />
          )}
        </Field>
      )}
    </fieldset>
  );
}

/** How the last weeks went: what the block starts from. */
export function LastWeeksQuestion({ asked, wishes, measure, change }: QuestionProps) {
  const facts = asked.athlete ?? {};
  const set = (part: Facts) => change({ athlete: { ...facts, ...part } });
  const [badWeeks, setBadWeeks] = useState(false);
  const unit = unitName(measure);
  const recent = (facts.recentWeeks ?? []).map((amount) =>
    Number((amount / shownUnit(measure)).toFixed(1)),
  );
  return (
    <fieldset className={styles.open}>
      <legend>{wording.howTheLastWeeksWent}</legend>
      <Field
        label={wording.recentWeeks}
        because={wording.theLastFour}
        problem={badWeeks ? wording.typeAmountsInWithSpacesBetween(unit) : undefined}
      >
        {(ids) => (
          <TextAnswer
            {...ids}
            width={180}
            unit={unit}
            value={recent.join(' ')}
            given
            wrong={badWeeks}
            onAnswer={(text) => {
              const amounts = readAmounts(text, measure);
              setBadWeeks(amounts === undefined);
              if (amounts) set({ recentWeeks: amounts.slice(-52) });
            }}
          />
        )}
      </Field>
      <AmountAnswer
        label={wording.longestRun}
        because={
          facts.longestRecentRun === undefined
            ? wording.notKnown
            : wording.inTheLastWeeks(formatPlain(facts.longestRecentRun, measure))
        }
        measure={measure}
        value={facts.longestRecentRun ?? wishes.longRun.start}
        given={facts.longestRecentRun !== undefined}
        onAnswer={(longestRecentRun) => set({ longestRecentRun })}
      />
    </fieldset>
  );
}

/** What else is known of the athlete. */
export function AthleteQuestions({ asked, wishes, change }: QuestionProps) {
  const facts = asked.athlete ?? {};
  const set = (part: Facts) => change({ athlete: { ...facts, ...part } });
  return (
    <>
      <Field label={wording.countedBy} because={wording.minutesSuitTheOftenHurtAndHilly}>
        {(ids) => (
          <ChoiceAnswer
            {...ids}
            value={wishes.athlete.basis === 'time' ? 'time' : wishes.athlete.unit}
            choices={[
              ['km', 'kilometres'],
              ['mi', 'miles'],
              ['time', 'minutes'],
            ]}
            onAnswer={(by) => {
              // Amounts mean something else now: what was counted the old way is asked again.
              const { recentWeeks: _recent, longestRecentRun: _longest, ...kept } = facts;
              const basis = by === 'time' ? ('time' as const) : ('distance' as const);
              const same = basis === wishes.athlete.basis;
              change({
                athlete: { ...(same ? facts : kept), basis, ...(by !== 'time' && { unit: by }) },
                ...(same ? {} : { volume: undefined, longRun: undefined, pins: undefined }),
              });
            }}
          />
        )}
      </Field>
      <Field label={wording.daysOff} because={wording.weekdaysOnWhichTheAthleteCannotRun}>
        {() => (
          <WeekdaysAnswer
            label={wording.daysOff}
            value={facts.unavailable ?? []}
            onAnswer={(unavailable) => unavailable.length < 7 && set({ unavailable })}
          />
        )}
      </Field>
      <HealthAnswers facts={facts} onAnswer={set} />
      <NumberAnswer
        label={wording.yearOfBirth}
        because={wording.stricterLimitsApplyThroughTheYear}
        value={facts.birthYear}
        given
        least={1900}
        most={2100}
        onAnswer={(birthYear) => set({ birthYear })}
      />
    </>
  );
}
