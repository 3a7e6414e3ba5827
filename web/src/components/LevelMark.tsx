import type { Level } from '@nadir/core/checks';
import { token } from '../theme/tokens.js';

/** Levels differ by shape as well as by word. */
const SHAPES: Readonly<Record<Level, string>> = {
  stop: 'M5 1H11L15 5V11L11 15H5L1 11V5Z',
  caution: 'M8 1.5L15 14.5H1Z',
  note: 'M8 2A6 6 0 1 1 7.99 2Z',
};

/** The mark of a check's level; the word stands beside it wherever it is used. */
export function LevelMark({ level, size = 14 }: { level: Level; size?: number }) {
  const grave = level !== 'note';
  return (
    <svg width={size} height={size} viewBox="0 0 16 16" aria-hidden="true" style={{ flex: 'none' }}>
      <path
        d={SHAPES[level]}
        fill={level === 'stop' ? token('signal') : 'none'}
        stroke={grave ? token('signal') : token('ink')}
        strokeWidth={1.8}
      />
    </svg>
  );
}
