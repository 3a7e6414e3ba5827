import type { PaceHatch } from '@nadir/core/present/figures';
import { PaceHatches, paceFill, paceHatchWords } from '../../drawing/pace-hatches.js';
import { token } from '../../theme/tokens.js';
import { useId } from 'react';
import styles from './Week.module.css';

type Named = Exclude<PaceHatch, 'rest'>;

/** The hatches of the paces that a week holds, in words. */
export function PaceLegend({ hatches }: { hatches: ReadonlySet<PaceHatch> }) {
  const id = useId();
  const named = (Object.keys(paceHatchWords) as Named[]).filter((hatch) => hatches.has(hatch));
  return (
    <p className={styles.legend}>
      {named.map((hatch) => (
        <span key={hatch}>
          <svg width={20} height={11} aria-hidden="true">
            <PaceHatches id={`${id}-${hatch}`} />
            {hatch === 'jog' ? (
              <line x1={0} x2={20} y1={6} y2={6} stroke={token('ink')} />
            ) : (
              <rect
                x={0.5}
                y={0.5}
                width={19}
                height={10}
                fill={paceFill(`${id}-${hatch}`, hatch)}
                stroke={token('muted')}
              />
            )}
          </svg>
          {paceHatchWords[hatch]}
        </span>
      ))}
    </p>
  );
}
