import { layOut } from '@nadir/core';
import { formatPercent } from '@nadir/core/base/format';
import { taperDepths } from '@nadir/core/edit';
import { taperSchools } from '@nadir/core/layout/schools';
import { taperSchoolNames } from '@nadir/core/spec/choices';
import { taperDepthOf } from '../../drawing/handle-labels.js';
import { NumberAnswer } from '../../components/NumberAnswer.js';
import type { QuestionProps } from './QuestionProps.js';
import { SchoolAnswer } from './SchoolAnswer.js';
import * as wording from './wording.js';

export function TaperQuestions({ file, wishes, change }: QuestionProps) {
  const { school, depth } = wishes.taper;
  const [least, most] = taperSchools[school].raceWeekCut;
  return (
    <>
      <SchoolAnswer
        label={wording.taper}
        schools={taperSchools}
        value={school}
        offered={taperSchoolNames}
        asked={file}
        part={(chosen) => ({ taper: { school: chosen } })}
        onAnswer={(chosen) => change({ taper: { school: chosen } })}
      />
      <NumberAnswer
        label={wording.raceWeekDownBy}
        because={wording.toByThisSchool(formatPercent(least), formatPercent(most))}
        value={Math.round((depth ?? taperDepthOf(layOut(wishes))) * 100)}
        given={depth !== undefined}
        least={taperDepths.least * 100}
        most={taperDepths.most * 100}
        after="%"
        onAnswer={(percent) =>
          change({ taper: { school, ...(percent !== undefined && { depth: percent / 100 }) } })
        }
      />
    </>
  );
}
