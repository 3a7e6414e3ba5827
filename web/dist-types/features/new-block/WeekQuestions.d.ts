import type { QuestionProps } from './QuestionProps.js';
export declare function WeekQuestions({
  asked,
  wishes,
  reasons,
  change,
}: QuestionProps): import('react').JSX.Element;
