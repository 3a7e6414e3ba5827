import { growthSchools } from '@nadir/core/layout/schools';
import { growthSchoolNames } from '@nadir/core/spec/choices';
import { AmountAnswer } from '../../components/AmountAnswer.js';
import { NumberAnswer } from '../../components/NumberAnswer.js';
import { GrowthSettings } from './GrowthSettings.js';
import type { QuestionProps } from './QuestionProps.js';
import { SchoolAnswer } from './SchoolAnswer.js';
import * as wording from './wording.js';

export function VolumeQuestions(props: QuestionProps) {
  const { asked, file, wishes, reasons, measure, change, problemAt } = props;
  const { volume } = wishes;
  const given = asked.volume ?? {};
  const set = (part: typeof given) => change({ volume: { ...given, ...part } });
  const amount = (field: 'start' | 'peak') => ({
    measure,
    because: reasons[field],
    problem: problemAt('volume', field),
    value: volume[field],
    given: given[field] !== undefined,
    onAnswer: (answer: number | undefined) => set({ [field]: answer }),
  });
  return (
    <>
      <AmountAnswer label={wording.start} {...amount('start')} />
      <AmountAnswer label={wording.peak} {...amount('peak')} />
      <NumberAnswer
        label={wording.heldAtThePeak}
        because={reasons.holdAtPeak}
        value={volume.holdAtPeak}
        given={given.holdAtPeak !== undefined}
        least={0}
        most={12}
        after={wording.weeks}
        onAnswer={(holdAtPeak) => set({ holdAtPeak })}
      />
      <SchoolAnswer
        label={wording.growth}
        schools={growthSchools}
        value={volume.growth.school}
        offered={growthSchoolNames}
        asked={file}
        part={(school) => ({ volume: { ...given, growth: { school } } })}
        onAnswer={(school) => set({ growth: { school } })}
      />
      <GrowthSettings
        measure={measure}
        because={reasons.growth}
        growth={volume.growth}
        given={given.growth}
        onAnswer={(growth) => set({ growth })}
      />
    </>
  );
}
