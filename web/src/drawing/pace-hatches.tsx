import type { PaceHatch } from '@nadir/core/present/figures';
import { memo } from 'react';
import { token } from '../theme/tokens.js';
import * as wording from './wording.js';

export const paceHatchWords: Readonly<Record<Exclude<PaceHatch, 'rest'>, string>> = {
  easy: 'easy',
  jog: 'jog',
  steady: 'steady',
  race: wording.racePace,
  'one-hour': wording.oneHourPace,
  'half-hour': wording.halfHourPace,
  quick: 'quicker',
};

/** Pattern definitions; `paceFill` gives their address. */
export const PaceHatches = memo(function PaceHatches({ id }: { id: string }) {
  return (
    <defs>
      <Lines id={`${id}-steady`} ground="toCome" width={5} path="M0 2.5H2.5" />
      <Lines id={`${id}-race`} ground="paper" width={4} path="M0 2H4" />
      <Lines id={`${id}-one-hour`} ground="paper" width={5} path="M0 5L5 0M-1 1L1 -1M4 6L6 4" />
      <Lines id={`${id}-quick`} ground="paper" width={4} path="M1 0V4M3 0V4" />
    </defs>
  );
});

function Lines({
  id,
  ground,
  width,
  path,
}: {
  id: string;
  ground: 'paper' | 'toCome';
  width: number;
  path: string;
}) {
  return (
    <pattern id={id} width={width} height={width} patternUnits="userSpaceOnUse">
      <rect width={width} height={width} fill={token(ground)} />
      <path d={path} stroke={token('long')} strokeWidth={1.4} fill="none" />
    </pattern>
  );
}

/** What a piece is filled with; days that are over are of darker paper. */
export function paceFill(id: string, hatch: PaceHatch, done = false): string {
  switch (hatch) {
    case 'easy':
      return token(done ? 'done' : 'toCome');
    case 'half-hour':
      return token('long');
    case 'jog':
    case 'rest':
      return 'none';
    default:
      return `url(#${id}-${hatch})`;
  }
}
