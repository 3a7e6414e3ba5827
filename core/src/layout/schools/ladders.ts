import type { LadderName } from '../../spec/choices/index.js';
/** How the long run climbs from its first length to its peak. */
export interface Ladder {
  title: string;
  /** What it is for and what it costs, in one sentence. */
  why: string;
  /**
   * A rung's part of the straight line to the peak.
   *
   * @param left rungs still to come; 0 for the peak, which is always whole
   */
  part: (left: number) => number;
}

export const longRunLadders: Readonly<Record<LadderName, Ladder>> = {
  straight: {
    title: 'Straight',
    why: 'A little longer every building week; simple, with no easier weekend but the recovery weeks.',
    part: () => 1,
  },
  'two-up-one-back': {
    title: 'Two up, one back',
    why: 'Every third long run is a fifth shorter; lighter weekends, larger rises between them.',
    part: (left) => (left % 3 === 2 ? 0.8 : 1),
  },
  alternating: {
    title: 'Alternating',
    why: 'Long and less long by turns; for those who recover slowly, at the price of fewer long ones.',
    part: (left) => (left % 2 === 1 ? 0.75 : 1),
  },
};
