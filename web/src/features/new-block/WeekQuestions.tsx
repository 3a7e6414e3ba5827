import { weekdays } from '@nadir/core/base';
import { capital } from '@nadir/core/base/format';
import { doubleOrders, doubleOrderWords } from '@nadir/core/spec/days';
import {
  patternDays,
  type WeekPatternName,
  weekPatternNames,
  weekPatterns,
} from '@nadir/core/edit/week';
import { AmountAnswer } from '../../components/AmountAnswer.js';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { Field } from '../../components/Field.js';
import { NumberAnswer } from '../../components/NumberAnswer.js';
import { WeekdaysAnswer } from '../../components/WeekdaysAnswer.js';
import type { QuestionProps } from './QuestionProps.js';
import * as wording from './wording.js';

/** Metres or seconds to start from. */
const USUAL_MIDWEEK = { distance: 6000, time: 2400 } as const;

export function WeekQuestions({ asked, wishes, reasons, measure, change }: QuestionProps) {
  const { week } = wishes;
  const set = (part: NonNullable<typeof asked.week>) =>
    change({ week: { ...asked.week, ...part } });
  const takes = weekPatternNames.find(
    (name) => JSON.stringify(patternDays(name, wishes)) === JSON.stringify(week.days),
  );
  const cycle = (
    <Field
      label={wording.weekTemplate}
      because={takes ? weekPatterns[takes].why : wording.rolesDayByDay}
    >
      {(ids) => (
        <ChoiceAnswer<WeekPatternName | 'plain' | 'own'>
          {...ids}
          value={takes ?? (week.days ? 'own' : 'plain')}
          choices={[
            ['plain', wording.byTheAnswersBelow],
            ...(week.days && !takes ? ([['own', wording.rolesOfYourOwn]] as const) : []),
            ...weekPatternNames.map((name) => [name, weekPatterns[name].title] as const),
          ]}
          onAnswer={(name) => {
            if (name === 'own') return;
            set({ days: name === 'plain' ? undefined : patternDays(name, wishes) });
          }}
        />
      )}
    </Field>
  );
  const doubles = (
    <Field label={wording.doubles} because={wording.whichOfTheTwoIsTheShorter}>
      {({ id }) => (
        <ChoiceAnswer
          id={id}
          value={week.doubles}
          choices={doubleOrders.map((order) => [order, doubleOrderWords[order]] as const)}
          onAnswer={(order) => set({ doubles: order })}
        />
      )}
    </Field>
  );
  const outdoors = (
    <NumberAnswer
      label={wording.outdoorRuns}
      because={wording.theOtherRunDays}
      value={week.outdoorRuns ?? week.runDays}
      given={week.outdoorRuns !== undefined}
      least={1}
      most={7}
      onAnswer={(outdoorRuns) => set({ outdoorRuns })}
    />
  );
  const pairs = (
    <Field label={wording.backToBack} because={wording.theFirstOfTwoHardDays}>
      {() => (
        <WeekdaysAnswer
          label={wording.backToBackWithTheDayAfter}
          value={week.pairs ?? []}
          onAnswer={(chosen) =>
            chosen.length <= 3 && set({ pairs: chosen.length > 0 ? chosen : undefined })
          }
        />
      )}
    </Field>
  );
  const steady = (
    <>
      <Field label={wording.midWeekRuns} because={wording.stayingAsThey}>
        {(ids) => (
          <ChoiceAnswer<'grow' | 'stay'>
            {...ids}
            value={week.midweek === undefined ? 'grow' : 'stay'}
            choices={[
              ['grow', wording.growWithTheWeek],
              ['stay', wording.stayAsTheyAre],
            ]}
            onAnswer={(how) =>
              set({ midweek: how === 'stay' ? USUAL_MIDWEEK[measure.basis] : undefined })
            }
          />
        )}
      </Field>
      {week.midweek !== undefined && (
        <AmountAnswer
          label={wording.eachOfThem}
          because={wording.everyRunButTheLongOne}
          measure={measure}
          value={week.midweek}
          given
          onAnswer={(midweek) => midweek !== undefined && set({ midweek })}
        />
      )}
    </>
  );
  if (week.days) {
    return (
      <>
        {cycle}
        {outdoors}
        {pairs}
        {doubles}
        {steady}
      </>
    );
  }
  return (
    <>
      {cycle}
      <NumberAnswer
        label={wording.runDays}
        because={reasons.runDays}
        value={week.runDays}
        given={asked.week?.runDays !== undefined}
        least={2}
        most={7}
        onAnswer={(runDays) => set({ runDays })}
      />
      <Field label={wording.longRunOn}>
        {({ id }) => (
          <ChoiceAnswer
            id={id}
            value={week.longRunOn}
            choices={weekdays.map((day) => [day, capital(day)] as const)}
            onAnswer={(longRunOn) => set({ longRunOn })}
          />
        )}
      </Field>
      <Field label={wording.qualityOn} because={reasons.qualityOn}>
        {() => (
          <WeekdaysAnswer
            label={wording.qualityOn}
            value={week.qualityOn}
            onAnswer={(qualityOn) => qualityOn.length <= 4 && set({ qualityOn })}
          />
        )}
      </Field>
      <Field label={wording.restOn} because={wording.leftOpen}>
        {() => (
          <WeekdaysAnswer
            label={wording.restOn}
            value={week.restOn}
            onAnswer={(restOn) => restOn.length <= 5 && set({ restOn })}
          />
        )}
      </Field>
      {outdoors}
      {pairs}
      {doubles}
      {steady}
    </>
  );
}
