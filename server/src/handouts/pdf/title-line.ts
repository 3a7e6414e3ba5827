import type { Handout } from '@nadir/core/present/handout';
import type { Ink } from './ink.js';

const SIZES = { athlete: 16, said: 9.5, coach: 9.5 } as const;
/** Of the width that each may take. */
const PARTS = { athlete: 0.5, coach: 0.22 } as const;
/** Between the name, what it is for, and who it is from, points. */
const GAP = 20;

/** Over a sheet that lies on its side: the athlete, the race and goal, the coach, and a double line. */
export function titleLine(
  ink: Ink,
  { athlete, race, goal }: Handout,
  coach: string,
  { edge, width }: { edge: number; width: number },
): void {
  const y = edge + 11;
  const inner = width - 2 * edge;
  const display = { face: 'display', size: SIZES.athlete } as const;
  const name = ink.fitting(athlete, display, PARTS.athlete * inner);
  const signed = ink.fitting(coach, { size: SIZES.coach }, PARTS.coach * inner);
  const said = [race.name, race.words, goal && `goal ${goal}`].filter(Boolean).join(' · ');
  const taken = ink.words(athlete, edge, y, name);
  const room = inner - taken - ink.width(coach, signed) - 2 * GAP;
  ink.words(said, edge + taken + GAP, y, ink.fitting(said, { size: SIZES.said }, room));
  ink.words(coach, width - edge, y, { ...signed, anchor: 'end' });
  ink.line(edge, y + 7, width - edge, y + 7, 1.2);
  ink.line(edge, y + 9, width - edge, y + 9, 0.4);
}
