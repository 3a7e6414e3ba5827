import type { AthleteAnswer } from '@nadir/contract';
import type { QuestionProps } from './QuestionProps.js';
/** Every question in the order of the work. */
export declare function Questions(
  props: QuestionProps & {
    squad: readonly AthleteAnswer[];
    athleteId: string;
    onAthlete: (id: string) => void;
  },
): import('react').JSX.Element;
