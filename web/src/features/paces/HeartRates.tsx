import { setHeart } from '@nadir/core/edit/paces';
import type { ResolvedSpec } from '@nadir/core/spec';
import { useState } from 'react';
import type { Commands } from '../../editor/useCommands.js';
import styles from './Paces.module.css';
import { Field } from '../../components/Field.js';
import { TextAnswer } from '../../components/TextAnswer.js';
import * as wording from './wording.js';

const LEAST = 25;
const MOST = 250;

/** Highest and resting heart rate, behind every band that is a share of them. */
export function HeartRates({ spec, commands }: { spec: ResolvedSpec; commands: Commands }) {
  const { maxHeart, restHeart } = spec.athlete;
  const [problems, setProblems] = useState<{ maxHeart?: string; restHeart?: string }>({});
  const set = (key: 'maxHeart' | 'restHeart', text: string) => {
    const typed = text.trim();
    const beats = Number(typed);
    const bad = typed !== '' && !(Number.isInteger(beats) && beats >= LEAST && beats <= MOST);
    const problem = bad
      ? wording.isNoHeartRate(text, LEAST, MOST)
      : commands.run(
          setHeart({ spec }, { maxHeart, restHeart, [key]: typed === '' ? undefined : beats }),
        )[0]?.message;
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
        <Field key={key} label={label} problem={problems[key]}>
          {(ids) => (
            <TextAnswer
              {...ids}
              width={56}
              value={value === undefined ? '' : String(value)}
              given
              wrong={problems[key] !== undefined}
              onAnswer={(text) => {
                // While two figures are still missing, it is not yet a heart rate.
                if (text.trim() === '' || text.trim().length >= 2) set(key, text);
              }}
            />
          )}
        </Field>
      ))}
    </section>
  );
}
