import type { AthleteAnswer } from '@nadir/contract';
import type { QuestionProps } from './QuestionProps.js';
export declare function AthleteQuestions({
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
}): import('react').JSX.Element;
