import { phaseLayoutNames, phaseLayouts } from '@nadir/core';
import { NumberAnswer } from '../../parts/NumberAnswer.js';
import type { QuestionProps } from './QuestionProps.js';
import { SchoolAnswer } from './SchoolAnswer.js';

export function WeeksQuestions({ asked, wishes, reasons, change, problemAt }: QuestionProps) {
  const { layout } = wishes.phases;
  // A coach's own phases need names and lengths, which the block file gives.
  const offered = phaseLayoutNames.filter((name) => name !== 'own' || layout === 'own');
  return (
    <fieldset>
      <legend>Weeks and phases</legend>
      <NumberAnswer
        label="Weeks"
        because={reasons.weeks}
        problem={problemAt('weeks')}
        value={wishes.weeks}
        given={asked.weeks !== undefined}
        least={4}
        most={30}
        onAnswer={(weeks) => change({ weeks, start: undefined })}
      />
      <SchoolAnswer
        label="Phases"
        schools={phaseLayouts}
        value={layout}
        offered={offered}
        onAnswer={(chosen) => change({ phases: { ...asked.phases, layout: chosen } })}
      />
    </fieldset>
  );
}
