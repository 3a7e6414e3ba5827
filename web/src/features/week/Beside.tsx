import ToggleButton from '@mui/material/ToggleButton';
import type { CheckedBlock } from '@nadir/core';
import { capital } from '@nadir/core/base/format';
import { setBeside } from '@nadir/core/edit/week';
import type { Day } from '@nadir/core/layout/block';
import { addOns, workKinds } from '@nadir/core/spec/days';
import { NumberAnswer } from '../../components/NumberAnswer.js';
import type { RunDay } from './useDayCommands.js';
import styles from './Week.module.css';
import * as wording from './wording.js';

/** What goes with a day: a second run, strides and their like, work beside running with its minutes. */
export function Beside({ block, day, run }: { block: CheckedBlock; day: Day; run: RunDay }) {
  const { date, beside, sessions } = day;
  const set = (part: Parameters<typeof setBeside>[2]) => run(setBeside(block, date, part));
  const worked = workKinds.filter((kind) => beside[kind]);
  return (
    <>
      <div className={styles.chips}>
        <Chip
          label={wording.secondRun}
          pressed={beside.double === true}
          onPress={(double) => set({ double })}
        />
        {addOns.map((each) => (
          <Chip
            key={each}
            label={capital(each.replace('-', ' '))}
            pressed={beside.addOn === each}
            onPress={(pressed) => set({ addOn: pressed ? each : 'nothing' })}
          />
        ))}
        {workKinds.map((kind) => (
          <Chip
            key={kind}
            label={capital(kind)}
            pressed={worked.includes(kind)}
            onPress={(pressed) => set({ [kind]: pressed })}
          />
        ))}
      </div>
      {worked.map((kind) => {
        const seconds = sessions.find((each) => each.kind === kind)?.time;
        return (
          <NumberAnswer
            key={kind}
            label={wording.work(capital(kind))}
            value={seconds === undefined ? undefined : Math.round(seconds / 60)}
            given={typeof beside[kind] === 'number'}
            least={1}
            most={120}
            after={wording.min}
            onAnswer={(minutes) => set({ [kind]: minutes === undefined ? true : 60 * minutes })}
          />
        );
      })}
    </>
  );
}

function Chip({
  label,
  pressed,
  onPress,
}: {
  label: string;
  pressed: boolean;
  onPress: (pressed: boolean) => void;
}) {
  return (
    <ToggleButton value={label} selected={pressed} onChange={() => onPress(!pressed)}>
      {label}
    </ToggleButton>
  );
}
