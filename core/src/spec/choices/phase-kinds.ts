/** The kinds of phase, in the order a season usually takes them. */
export const phaseKinds = [
  'foundation',
  'hills-and-strength',
  'threshold',
  'speed',
  'specific',
  'sharpening',
  'taper',
  'race-week',
  'recovery',
] as const;

export type PhaseKind = (typeof phaseKinds)[number];

/** What a phase is for, and how many hard days a week belong in it (policy). */
export interface PhaseCharacter {
  purpose: string;
  hardDays: number;
}

export const phaseCharacters: Readonly<Record<PhaseKind, PhaseCharacter>> = {
  foundation: { purpose: 'Easy running that carries all that follows.', hardDays: 1 },
  'hills-and-strength': { purpose: 'Hills and strength before speed.', hardDays: 2 },
  threshold: { purpose: 'Long stretches at the edge of comfort.', hardDays: 2 },
  speed: { purpose: 'Short, quick work and maximal oxygen uptake.', hardDays: 2 },
  specific: { purpose: 'The race’s own pace, ever longer.', hardDays: 2 },
  sharpening: { purpose: 'Less of it, at race pace or quicker.', hardDays: 2 },
  taper: { purpose: 'Shorter runs, same paces, fresh legs.', hardDays: 1 },
  'race-week': { purpose: 'One last quick run, then the race.', hardDays: 1 },
  recovery: { purpose: 'Rest after the race.', hardDays: 0 },
};
