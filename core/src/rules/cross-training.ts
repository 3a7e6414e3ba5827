/** Kinds of cross-training; how much running each is worth is a house rule. */
export const crossKinds = ['pool', 'bike', 'swim', 'elliptical', 'ski'] as const;
export type CrossKind = (typeof crossKinds)[number];

export const crossWords: Readonly<Record<CrossKind, { title: string; words: string }>> = {
  pool: { title: 'Pool running', words: 'pool running' },
  bike: { title: 'Bike', words: 'bike' },
  swim: { title: 'Swim', words: 'swim' },
  elliptical: { title: 'Elliptical', words: 'elliptical' },
  ski: { title: 'Cross-country ski', words: 'ski' },
};
