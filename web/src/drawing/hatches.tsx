import type { PhaseKind } from '@nadir/core/spec/choices';
import { type ReactNode, memo } from 'react';
import { token } from '../theme/tokens.js';

const SIZE = 7;

/** Each kind of phase has a hatch of its own, so that none is told by its tint alone. */
const MARKS: Readonly<Record<PhaseKind, ReactNode>> = {
  foundation: null,
  'hills-and-strength': <path d="M0 7L7 0M-1 1L1 -1M6 8L8 6" />,
  threshold: <path d="M0 3.5H7" />,
  speed: <path d="M3.5 0V7" />,
  specific: <path d="M0 0L7 7M-1 6L1 8M6 -1L8 1" />,
  sharpening: <path d="M0 3.5H7M3.5 0V7" />,
  taper: <circle cx="3.5" cy="3.5" r="0.9" fill={token('muted')} stroke="none" />,
  'race-week': <path d="M1 3.5H6M3.5 1V6" />,
  recovery: <circle cx="3.5" cy="3.5" r="1.6" />,
};

/** Quick and quiet phases differ in tint as well as in hatch. */
const TINTS: Readonly<Record<PhaseKind, number>> = {
  foundation: 0.055,
  'hills-and-strength': 0.11,
  threshold: 0.165,
  speed: 0.22,
  specific: 0.275,
  sharpening: 0.165,
  taper: 0.033,
  'race-week': 0.033,
  recovery: 0.022,
};

/** Pattern definitions for phase bands; `hatchOf` gives their address. */
export const Hatches = memo(function Hatches({ id }: { id: string }) {
  return (
    <defs>
      {Object.entries(MARKS).map(([kind, marks]) => (
        <pattern
          key={kind}
          id={`${id}-${kind}`}
          width={SIZE}
          height={SIZE}
          patternUnits="userSpaceOnUse"
        >
          <g stroke={token('muted')} strokeOpacity={0.45} strokeWidth={0.8} fill="none">
            {marks}
          </g>
        </pattern>
      ))}
      <pattern id={`${id}-missing`} width={5} height={5} patternUnits="userSpaceOnUse">
        <circle cx={1.5} cy={1.5} r={0.7} fill={token('muted')} />
        <circle cx={4} cy={4} r={0.7} fill={token('muted')} />
      </pattern>
    </defs>
  );
});

/** Stippled: what a recovery week leaves out. */
export function stippleOf(id: string): string {
  return `url(#${id}-missing)`;
}

export function hatchOf(id: string, kind: PhaseKind): string {
  return `url(#${id}-${kind})`;
}

/** How opaque the tint of a phase is on the paper. */
export function tintOf(kind: PhaseKind): number {
  return TINTS[kind];
}

/** About this many pixels a letter of a phase's name. */
export const PHASE_LETTER = 6.6;
