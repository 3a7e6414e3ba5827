import { setHeart } from '@nadir/core/edit/paces';
import type { ResolvedSpec } from '@nadir/core/spec';
import { useState } from 'react';
import type { Commands } from '../../editor/useCommands.js';
import styles from './Paces.module.css';
import { NumberAnswer } from '../../components/NumberAnswer.js';
import * as wording from './wording.js';

const LEAST = 25;
const MOST = 250;

/** Highest and resting heart rate, behind every band that is a share of them. */
export function HeartRates({ spec, commands }: { spec: ResolvedSpec; commands: Commands }) {
  const { maxHeart, restHeart } = spec.athlete;
  const [problems, setProblems] = useState<{ maxHeart?: string; restHeart?: string }>({});
  const set = (key: 'maxHeart' | 'restHeart', beats: number | undefined) => {
    const change = setHeart({ spec }, { maxHeart, restHeart, [key]: beats });
    const problem = commands.run(change)[0]?.message;
    setProblems(problem === undefined ? {} : { [key]: problem });
  };
  return (
    <section aria-label={wording.heartRates} className={styles.heart}>
      {(
        [
          ['maxHeart', wording.highestHeartRate, maxHeart],
          ['restHeart', wording.restingHeartRate, restHeart],
        ] as const
      ).map(([key, label, value]) => (
        <NumberAnswer
          key={key}
          label={label}
          problem={problems[key]}
          value={value}
          given
          least={LEAST}
          most={MOST}
          onAnswer={(beats) => set(key, beats)}
        />
      ))}
    </section>
  );
}
