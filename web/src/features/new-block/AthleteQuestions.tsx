import type { AthleteAnswer, BlockFile } from '@nadir/contract';
import { shownUnit, unitName } from '@nadir/core/base';
import { formatPlain, parseAmount } from '@nadir/core/base/format';
import { useState } from 'react';
import { AmountAnswer } from '../../components/AmountAnswer.js';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { HealthAnswers } from '../../components/HealthAnswers.js';
import { Field } from '../../components/Field.js';
import { TextAnswer } from '../../components/TextAnswer.js';
import { WeekdaysAnswer } from '../../components/WeekdaysAnswer.js';
import type { QuestionProps } from './QuestionProps.js';

type Facts = NonNullable<BlockFile['athlete']>;

export function AthleteQuestions({
  asked,
  wishes,
  measure,
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
  const set = (part: Facts) => change({ athlete: { ...facts, ...part } });
  const [badWeeks, setBadWeeks] = useState(false);
  const unit = unitName(measure);
  const recent = (facts.recentWeeks ?? []).map((amount) =>
    Number((amount / shownUnit(measure)).toFixed(1)),
  );
  return (
    <fieldset>
      <legend>Athlete</legend>
      {squad.length > 0 && (
        <Field label="Athlete">
          {({ id }) => (
            <ChoiceAnswer
              id={id}
              value={athleteId}
              choices={[
                ['', 'a new athlete'],
                ...squad.map((each) => [each.id, each.facts.name] as const),
              ]}
              onAnswer={onAthlete}
            />
          )}
        </Field>
      )}
      {athleteId === '' && (
        <Field
          label="Name"
          because="Needed to keep the block."
          problem={problemAt('athlete', 'name')}
        >
          {(ids) => (
            <TextAnswer
              {...ids}
              width={240}
              value={facts.name ?? ''}
              given
              wrong={problemAt('athlete', 'name') !== undefined}
              onAnswer={(name) => set({ name: name.slice(0, 120) })}
            />
          )}
        </Field>
      )}
      <Field label="Counted by" because="Minutes suit the often hurt and hilly ground.">
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
      <Field
        label={`Recent weeks, ${unit}`}
        because="The last four really run, oldest first: 42 45 40 47."
        problem={badWeeks ? `Type amounts in ${unit} with spaces between.` : undefined}
      >
        {(ids) => (
          <TextAnswer
            {...ids}
            width={160}
            value={recent.join(' ')}
            given
            wrong={badWeeks}
            onAnswer={(text) => {
              const amounts = text
                .trim()
                .split(/[\s;]+/)
                .filter(Boolean)
                .map((word) => parseAmount(word, measure));
              const readable = amounts.filter((amount) => amount !== undefined);
              setBadWeeks(readable.length < amounts.length);
              if (readable.length === amounts.length) set({ recentWeeks: readable.slice(-52) });
            }}
          />
        )}
      </Field>
      <AmountAnswer
        label="Longest recent run"
        because={
          facts.longestRecentRun === undefined
            ? 'Not known: guessed from the weeks.'
            : `${formatPlain(facts.longestRecentRun, measure)}, of the last weeks.`
        }
        measure={measure}
        value={facts.longestRecentRun ?? wishes.longRun.start}
        given={facts.longestRecentRun !== undefined}
        onAnswer={(longestRecentRun) => set({ longestRecentRun })}
      />
      <Field label="Days away">
        {() => (
          <WeekdaysAnswer
            label="Days away"
            value={facts.unavailable ?? []}
            onAnswer={(unavailable) => unavailable.length < 7 && set({ unavailable })}
          />
        )}
      </Field>
      <HealthAnswers facts={facts} onAnswer={set} />
      <Field
        label="Year of birth"
        because="Stricter limits apply through the year the athlete turns 18."
      >
        {({ id, describedBy }) => (
          <input
            id={id}
            aria-describedby={describedBy}
            className="answer"
            type="number"
            min={1900}
            max={2100}
            style={{ width: 72 }}
            value={facts.birthYear ?? ''}
            onChange={({ target }) => {
              const year = target.valueAsNumber;
              set({
                birthYear: Number.isInteger(year) && year > 0 && year <= 2100 ? year : undefined,
              });
            }}
          />
        )}
      </Field>
    </fieldset>
  );
}
