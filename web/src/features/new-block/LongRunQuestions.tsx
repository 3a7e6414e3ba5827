import { longRunLadders, segmentSchools } from '@nadir/core/layout/schools';
import { ladderNames, segmentNames } from '@nadir/core/spec/choices';
import { AmountAnswer } from '../../components/AmountAnswer.js';
import { NumberAnswer } from '../../components/NumberAnswer.js';
import type { QuestionProps } from './QuestionProps.js';
import { SchoolAnswer } from './SchoolAnswer.js';

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
      <AmountAnswer label="First" because={reasons.longRunStart} {...amount('start')} />
      <AmountAnswer label="Peak" because={reasons.longRunPeak} {...amount('peak')} />
      <NumberAnswer
        label="Last peak"
        because={reasons.lastPeakWeeksOut}
        value={longRun.lastPeakWeeksOut}
        given={given.lastPeakWeeksOut !== undefined}
        least={1}
        most={8}
        after="weeks out"
        onAnswer={(lastPeakWeeksOut) => set({ lastPeakWeeksOut })}
      />
      <SchoolAnswer
        label="Ladder"
        schools={longRunLadders}
        value={longRun.ladder}
        offered={ladderNames}
        asked={file}
        part={(ladder) => ({ longRun: { ...given, ladder } })}
        onAnswer={(ladder) => set({ ladder })}
      />
      <SchoolAnswer
        label="In them"
        schools={segmentSchools}
        value={longRun.segment}
        offered={segmentNames}
        asked={file}
        part={(segment) => ({ longRun: { ...given, segment } })}
        onAnswer={(segment) => set({ segment })}
      />
    </>
  );
}
