import { longRunLadders, segmentSchools } from '@nadir/core/layout/schools';
import { ladderNames, segmentNames } from '@nadir/core/spec/choices';
import { useState } from 'react';
import { AmountAnswer } from '../../components/AmountAnswer.js';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { Field } from '../../components/Field.js';
import { NumberAnswer } from '../../components/NumberAnswer.js';
import { TextAnswer } from '../../components/TextAnswer.js';
import type { QuestionProps } from './QuestionProps.js';
import { SchoolAnswer } from './SchoolAnswer.js';
import * as wording from './wording.js';

export function LongRunQuestions(props: QuestionProps) {
  const { asked, file, wishes, reasons, measure, change, problemAt } = props;
  const { longRun } = wishes;
  const given = asked.longRun ?? {};
  const set = (part: typeof given) => change({ longRun: { ...given, ...part } });
  const amount = (field: 'start' | 'peak') => ({
    measure,
    problem: problemAt('longRun', field),
    value: longRun[field],
    given: given[field] !== undefined,
    onAnswer: (answer: number | undefined) => set({ [field]: answer }),
  });
  return (
    <>
      <AmountAnswer label={wording.first} because={reasons.longRunStart} {...amount('start')} />
      <AmountAnswer label={wording.peak} because={reasons.longRunPeak} {...amount('peak')} />
      <NumberAnswer
        label={wording.lastPeak}
        because={reasons.lastPeakWeeksOut}
        value={longRun.lastPeakWeeksOut}
        given={given.lastPeakWeeksOut !== undefined}
        least={1}
        most={8}
        after={wording.weeksOut}
        onAnswer={(lastPeakWeeksOut) => set({ lastPeakWeeksOut })}
      />
      <SchoolAnswer
        label={wording.ladder}
        schools={longRunLadders}
        value={longRun.ladder}
        offered={ladderNames}
        asked={file}
        part={(ladder) => ({ longRun: { ...given, ladder } })}
        onAnswer={(ladder) => set({ ladder })}
      />
      <SchoolAnswer
        label={wording.inThem}
        schools={segmentSchools}
        value={longRun.segment}
        offered={segmentNames}
        asked={file}
        part={(segment) => ({ longRun: { ...given, segment } })}
        onAnswer={(segment) => set({ segment })}
      />
      {longRun.segment !== 'easy' && (
        <SegmentWeeks
          every={longRun.segmentEvery}
          weeks={longRun.segmentWeeks}
          most={wishes.weeks}
          onAnswer={set}
        />
      )}
    </>
  );
}

/** Which long runs hold it: so many of those that build, or weeks by their number. */
const EVERY = [
  ['2', wording.everyOtherLongRun],
  ['1', wording.everyLongRun],
  ['3', wording.everyThirdLongRun],
  ['weeks', wording.inTheseWeeks],
] as const;

function SegmentWeeks({
  every = 2,
  weeks,
  most,
  onAnswer,
}: {
  every: number | undefined;
  weeks: number[] | undefined;
  /** Weeks of the block. */
  most: number;
  onAnswer: (part: { segmentEvery?: number; segmentWeeks?: number[] | undefined }) => void;
}) {
  const [bad, setBad] = useState<string>();
  return (
    <>
      <Field label={wording.whichOnes} because={weeks ? undefined : wording.countedBackFromThePeak}>
        {(ids) => (
          <ChoiceAnswer
            {...ids}
            value={weeks ? 'weeks' : (EVERY.find(([each]) => each === String(every))?.[0] ?? '2')}
            choices={EVERY}
            onAnswer={(chosen) =>
              onAnswer(
                chosen === 'weeks'
                  ? { segmentWeeks: [] }
                  : { segmentEvery: Number(chosen), segmentWeeks: undefined },
              )
            }
          />
        )}
      </Field>
      {weeks && (
        <Field
          label={wording.weeks2}
          because={wording.byTheirNumber}
          problem={bad === undefined ? undefined : wording.isNoWeekFrom1(bad, most)}
        >
          {(ids) => (
            <TextAnswer
              {...ids}
              value={weeks.join(' ')}
              given
              wrong={bad !== undefined}
              width={220}
              onAnswer={(text) => {
                const words = text.split(/[\s,]+/).filter(Boolean);
                const wrong = words.find(
                  (word) => !/^\d+$/.test(word) || Number(word) < 1 || Number(word) > most,
                );
                setBad(wrong);
                if (wrong === undefined)
                  onAnswer({ segmentWeeks: [...new Set(words.map(Number))] });
              }}
            />
          )}
        </Field>
      )}
    </>
  );
}
