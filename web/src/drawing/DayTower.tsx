import type { Piece, RunPieces } from '@nadir/core/present/figures';
import { useId } from 'react';
import { token } from '../theme/tokens.js';
import { Halo } from './Halo.js';
import { PaceHatches, paceFill } from './pace-hatches.js';

const WIDTH = 42;
/** Parts of the height under which a piece carries no words. */
const LEAST_FOR_WORDS = 0.075;
/** From one run of the day to the next, parts of the height. */
const GAP = 0.015;

/** A height that is drawn across the days, named in the first. */
export interface TowerTick {
  metres: number;
  label: string | undefined;
}

/** How high a day's tower is, 0 to 1. */
export function towerTop(runs: readonly RunPieces[], most: number): number {
  const run = runs.reduce((total, { distance }) => total + distance, 0);
  return run / most + GAP * Math.max(0, runs.length - 1);
}

/** A day's running as a tower on the ground line: pieces hatched by pace, the second run on top of the first. */
export function DayTower({
  runs,
  most,
  ticks,
  done,
}: {
  runs: readonly RunPieces[];
  /** Metres at the top of the scale. */
  most: number;
  ticks: readonly TowerTick[];
  done: boolean;
}) {
  const id = useId();
  const percent = (part: number) => `${(100 * part).toFixed(2)}%`;
  return (
    <svg
      width="100%"
      height="100%"
      aria-hidden="true"
      fontSize="12.5"
      fill={token('muted')}
      overflow="visible"
    >
      <PaceHatches id={id} />
      {ticks.map(({ metres, label }) => {
        const y = percent(1 - metres / most);
        return (
          <g key={metres}>
            <line x1="-8%" x2="108%" y1={y} y2={y} stroke={token('hairline')} />
            {label !== undefined && (
              <text x="100%" y={y} dy={-3} textAnchor="end">
                {label}
              </text>
            )}
          </g>
        );
      })}
      {runs.map(({ from, distance, pieces }, place) => {
        const lift = place * GAP;
        const top = (metres: number) => 1 - metres / most - lift;
        return (
          <g key={from}>
            {pieces.map((piece) => (
              <rect
                key={piece.from}
                x={piece.hatch === 'jog' ? WIDTH / 2 - 0.5 : 0.5}
                width={piece.hatch === 'jog' ? 1 : WIDTH}
                y={percent(top(piece.from + piece.distance))}
                height={percent(piece.distance / most)}
                fill={piece.hatch === 'jog' ? token('ink') : paceFill(id, piece.hatch, done)}
                stroke={piece.hatch === 'easy' || piece.hatch === 'jog' ? 'none' : token('muted')}
                strokeWidth={0.5}
              />
            ))}
            <rect
              x={0.5}
              width={WIDTH}
              y={percent(top(from + distance))}
              height={percent(distance / most)}
              fill="none"
              stroke={token('muted')}
            />
            {pieces.length > 1 &&
              labelled(pieces).map(({ middle, length, words }) =>
                length / most < LEAST_FOR_WORDS ? null : (
                  <Halo key={middle} x={WIDTH + 6} y={percent(top(middle))} dy={4}>
                    {words}
                  </Halo>
                ),
              )}
          </g>
        );
      })}
    </svg>
  );
}

/** Repetitions of one kind under one label: `5 × 1000 m`. */
function labelled(pieces: readonly Piece[]): { middle: number; length: number; words: string }[] {
  const groups: { words: string; from: number; to: number; count: number }[] = [];
  for (const { words, from, distance, hatch } of pieces) {
    const last = groups.at(-1);
    if (hatch === 'jog') continue;
    if (last?.words === words) Object.assign(last, { to: from + distance, count: last.count + 1 });
    else groups.push({ words, from, to: from + distance, count: 1 });
  }
  return groups.map(({ words, from, to, count }) => ({
    middle: (from + to) / 2,
    length: to - from,
    words: `${count > 1 ? `${count} × ` : ''}${shortOf(words)}`,
  }));
}

function shortOf(words: string): string {
  return words.replace(/ easy$/, '').replace(/^(\S+ \S+).*$/, '$1');
}
