import { hatchOf } from '@nadir/core/present/figures';
import type { SessionPaces } from '@nadir/core/sessions';
import { scaleLinear } from 'd3-scale';
import { useId, useMemo } from 'react';
import { token } from '../theme/tokens.js';
import { Halo } from './Halo.js';
import { PaceHatches, paceFill } from './pace-hatches.js';
import { sessionLines } from './session-lines.js';
import * as wording from './wording.js';

const LABELS = 46;
const LINE = 38;
const BAR = 18;
/** A stretch narrower than this carries no numeral. */
const LEAST_FOR_WORDS = 26;

/** A session written like lines of text on one time scale: numerals on the lengths, a dotted turn between sets. */
export function SessionLines({
  text,
  paces,
  width,
}: {
  text: string;
  paces: SessionPaces;
  /** Pixels. */
  width: number;
}) {
  const id = useId();
  const lines = useMemo(() => sessionLines(text, paces), [text, paces]);
  const lengths = lines.map(({ stretches }) => stretches.reduce((sum, { time }) => sum + time, 0));
  const x = scaleLinear([0, Math.max(60, ...lengths)], [LABELS, width - 2]);
  const height = lines.length * LINE + 16;
  const minutes = scaleLinear([0, Math.max(1, ...lengths) / 60], [LABELS, width - 2])
    .ticks(4)
    .filter(Number.isInteger);
  if (lines.length === 0) return null;
  return (
    <svg
      width={width}
      height={height}
      role="img"
      aria-label={wording.theSessionToScale(
        lines.flatMap(({ stretches }) => stretches.map(({ words }) => words)).join(', '),
      )}
      display="block"
      fontSize="12.5"
      fill={token('ink')}
    >
      <PaceHatches id={id} />
      {lines.map(({ label, stretches, turn }, row) => {
        const y = row * LINE + 6;
        let at = 0;
        return (
          <g key={row}>
            <text x={0} y={y + BAR - 4} fill={token('muted')}>
              {label}
            </text>
            {stretches.map((stretch, index) => {
              const [left, right] = [x(at), x(at + stretch.time)];
              at += stretch.time;
              const hatch = hatchOf(stretch);
              if (hatch === 'jog' || hatch === 'rest') {
                return (
                  <line
                    key={index}
                    x1={left}
                    x2={right}
                    y1={y + BAR - 1}
                    y2={y + BAR - 1}
                    stroke={token('muted')}
                    strokeDasharray={hatch === 'rest' ? '1 3' : undefined}
                  >
                    <title>{stretch.words}</title>
                  </line>
                );
              }
              return (
                <g key={index}>
                  <rect
                    x={left}
                    y={y}
                    width={Math.max(1, right - left)}
                    height={BAR}
                    fill={paceFill(id, hatch)}
                    stroke={token('muted')}
                  >
                    <title>{stretch.words}</title>
                  </rect>
                  {right - left >= LEAST_FOR_WORDS && (
                    <Halo
                      x={(left + right) / 2}
                      y={y + BAR - 4.5}
                      textAnchor="middle"
                      strokeWidth={5}
                    >
                      {shortWords(stretch.words, right - left)}
                    </Halo>
                  )}
                </g>
              );
            })}
            {turn && (
              <>
                <path
                  d={`M${x(at) + 2},${y + BAR - 1}v12H${LABELS - 8}v12h6`}
                  fill="none"
                  stroke={token('muted')}
                  strokeDasharray="1 3"
                />
                <Halo
                  x={(LABELS + x(at)) / 2}
                  y={y + BAR + 15}
                  textAnchor="middle"
                  strokeWidth={6}
                  fill={token('muted')}
                >
                  {turn}
                </Halo>
              </>
            )}
          </g>
        );
      })}
      {minutes.map((minute) => (
        <text
          key={minute}
          x={x(minute * 60)}
          y={height - 2}
          textAnchor={minute === 0 ? 'start' : 'end'}
          fill={token('muted')}
        >
          {minute}
          {minute === minutes.at(-1) && ' min'}
        </text>
      ))}
    </svg>
  );
}

/** The amount alone where the whole does not fit. */
function shortWords(words: string, width: number): string {
  const [amount = words] = /^[\d.:]+ ?\w*/.exec(words) ?? [];
  return words.length * 6.5 + 10 <= width ? words : amount;
}
