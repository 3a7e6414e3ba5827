import type { QuestionProps } from './QuestionProps.js';
export declare function RaceQuestions({
  asked,
  change,
  problemAt,
  today,
}: QuestionProps): import('react').JSX.Element;
