import type { AthleteAnswer } from '@nadir/contract';
import type { ReactNode, SyntheticEvent } from 'react';
import type { useAsked } from './useAsked.js';
interface AskPageProps {
  title: string;
  detail: string;
  ask: ReturnType<typeof useAsked>;
  squad: readonly AthleteAnswer[];
  athleteId: string;
  onAthlete: (id: string) => void;
  /** What is wrong with the athlete’s name. */
  extraProblem: string | undefined;
  failure: string | undefined;
  onSubmit: (event: SyntheticEvent) => void;
  actions: ReactNode;
}
/** Questions left, the block drawn live on the right. */
export declare function AskPage(props: AskPageProps): import('react').JSX.Element;
export {};
