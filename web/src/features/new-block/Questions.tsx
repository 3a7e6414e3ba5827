import type { AthleteAnswer } from '@nadir/contract';
import type { ReactNode } from 'react';
import { AthleteQuestions, LastWeeksQuestion, WhoQuestion } from './AthleteQuestions.js';
import { LongRunQuestions } from './LongRunQuestions.js';
import { OneLine } from './OneLine.js';
import { OverrideQuestions } from './OverrideQuestions.js';
import type { QuestionProps } from './QuestionProps.js';
import { RaceQuestions } from './RaceQuestions.js';
import { RecoveryQuestions } from './RecoveryQuestions.js';
import { TaperQuestions } from './TaperQuestions.js';
import type { Topic } from './topics.js';
import type { RaceDayMove } from './useRaceDay.js';
import { VolumeQuestions } from './VolumeQuestions.js';
import { WeekQuestions } from './WeekQuestions.js';
import { WeeksQuestions } from './WeeksQuestions.js';

/** The answers that stand in a line each, in the order of the work. */
const FOLDED: readonly (readonly [Topic, (props: QuestionProps) => ReactNode])[] = [
  ['athlete', AthleteQuestions],
  ['weeks', WeeksQuestions],
  ['volume', VolumeQuestions],
  ['longRun', LongRunQuestions],
  ['recovery', RecoveryQuestions],
  ['taper', TaperQuestions],
  ['week', WeekQuestions],
  ['rules', OverrideQuestions],
];

/** Three questions that are open, and a line for each of the rest. */
export function Questions(
  props: QuestionProps & {
    squad: readonly AthleteAnswer[];
    athleteId: string;
    onAthlete: (id: string) => void;
    raceDay?: RaceDayMove | undefined;
    /** The line that is open, and the drawing explains. */
    topic: Topic | undefined;
    onTopic: (topic: Topic | undefined) => void;
  },
) {
  const { topic, onTopic } = props;
  return (
    <>
      <WhoQuestion {...props} />
      <RaceQuestions {...props} />
      <LastWeeksQuestion {...props} />
      {FOLDED.map(([each, Folded]) => (
        <OneLine key={each} topic={each} spec={props.wishes} open={topic === each} onOpen={onTopic}>
          <Folded {...props} />
        </OneLine>
      ))}
    </>
  );
}
