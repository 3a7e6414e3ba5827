import type { Squad } from '@nadir/contract';
type Athlete = Squad['athletes'][number];
/** One athlete's row; without a block it offers to lay one out. */
export declare const AthleteRow: import('react').MemoExoticComponent<
  ({ athlete }: { athlete: Athlete }) => import('react').JSX.Element
>;
export {};
