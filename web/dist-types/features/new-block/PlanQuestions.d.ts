import type { QuestionProps } from './QuestionProps.js';
export declare function WeeksQuestions({
  asked,
  wishes,
  reasons,
  change,
  problemAt,
}: QuestionProps): import('react').JSX.Element;
export declare function VolumeQuestions({
  asked,
  wishes,
  reasons,
  measure,
  change,
  problemAt,
}: QuestionProps): import('react').JSX.Element;
export declare function LongRunQuestions({
  asked,
  wishes,
  reasons,
  measure,
  change,
  problemAt,
}: QuestionProps): import('react').JSX.Element;
export declare function RecoveryQuestions({
  asked,
  wishes,
  reasons,
  change,
}: QuestionProps): import('react').JSX.Element;
export declare function TaperQuestions({
  wishes,
  change,
}: QuestionProps): import('react').JSX.Element;
