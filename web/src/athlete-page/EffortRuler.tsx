import Slider from '@mui/material/Slider';
import { useId } from 'react';
import { token } from '../theme/tokens.js';
import styles from './EffortRuler.module.css';
import * as wording from './wording.js';

const MOST = 10;
/** Words of the ruler, under their figures. */
const WORDS: Readonly<Record<number, string>> = { 1: wording.hardlyAny, 8: 'hard', 10: 'all-out' };

/** How hard it was, of ten, on a ruler that shows how hard it was meant to be. */
export function EffortRuler({
  value,
  meant,
  onAnswer,
}: {
  value: number | undefined;
  meant: readonly [number, number] | undefined;
  onAnswer: (effort: number) => void;
}) {
  const id = useId();
  const at = (effort: number) => `${((effort - 1) / (MOST - 1)) * 100}%`;
  return (
    <div className={styles.ruler}>
      {meant && (
        <svg className={styles.meant} aria-hidden="true">
          <defs>
            <pattern id={id} width={6} height={6} patternUnits="userSpaceOnUse">
              <path d="M0 6L6 0M-1 1L1 -1M5 7L7 5" stroke={token('muted')} strokeWidth={1} />
            </pattern>
          </defs>
          <rect
            x={at(meant[0])}
            width={`${((meant[1] - meant[0]) / (MOST - 1)) * 100}%`}
            y={0}
            height="100%"
            fill={`url(#${id})`}
          />
        </svg>
      )}
      <Slider
        aria-label={wording.effort1To10}
        className={styles.slider}
        data-unset={value === undefined}
        min={1}
        max={MOST}
        step={1}
        value={value ?? meant?.[0] ?? 3}
        getAriaValueText={(effort) =>
          value === undefined ? wording.notSaidYet : wording.of10(effort)
        }
        marks={Array.from({ length: MOST }, (_, index) => ({
          value: index + 1,
          label: (
            <>
              {index + 1}
              <br />
              {WORDS[index + 1]}
            </>
          ),
        }))}
        onChange={(_, effort) => onAnswer(effort)}
      />
    </div>
  );
}
