export const paceAims = ['current', 'goal', 'walk'] as const;
export type PaceAim = (typeof paceAims)[number];

/** What each aim means, in a sentence. */
export const paceAimWords: Readonly<Record<PaceAim, { title: string; why: string }>> = {
  current: { title: 'Current fitness', why: 'What the results say can be run today.' },
  goal: { title: 'Goal', why: 'What race day asks, whatever the results say.' },
  walk: {
    title: 'From current to goal',
    why: 'A little nearer to the goal each week, from the last test to race day.',
  },
};
