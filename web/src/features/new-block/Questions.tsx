import type { AthleteAnswer, BlockFile } from '@nadir/contract';
import type { CivilDate } from '@nadir/core/base';
import { AthleteQuestions } from './AthleteQuestions.js';
import { LongRunQuestions } from './LongRunQuestions.js';
import { OverrideQuestions } from './OverrideQuestions.js';
import type { QuestionProps } from './QuestionProps.js';
import { RaceQuestions } from './RaceQuestions.js';
import { RecoveryQuestions } from './RecoveryQuestions.js';
import { TaperQuestions } from './TaperQuestions.js';
import { VolumeQuestions } from './VolumeQuestions.js';
import { WeekQuestions } from './WeekQuestions.js';
import { WeeksQuestions } from './WeeksQuestions.js';

/** Every question in the order of the work. */
export function Questions(
  props: QuestionProps & {
    squad: readonly AthleteAnswer[];
    athleteId: string;
    onAthlete: (id: string) => void;
    onRaceDay?: ((date: CivilDate) => Partial<BlockFile>) | undefined;
  },
) {
  return (
    <>
      <RaceQuestions {...props} />
      <AthleteQuestions {...props} />
      <WeeksQuestions {...props} />
      <VolumeQuestions {...props} />
      <LongRunQuestions {...props} />
      <RecoveryQuestions {...props} />
      <TaperQuestions {...props} />
      <WeekQuestions {...props} />
      <OverrideQuestions {...props} />
    </>
  );
}
