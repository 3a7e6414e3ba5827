import Button from '@mui/material/Button';
import OutlinedInput from '@mui/material/OutlinedInput';
import type { SentDone } from '@nadir/contract/athlete';
import { useState } from 'react';
import { Tick } from '../components/Tick.js';
import styles from './AthletePage.module.css';
import * as wording from './wording.js';

type Sore = NonNullable<SentDone['sore']>;

const NOWHERE: Sore = { where: '', level: 3 };

/** Where it hurts, how much, and whether one can run with it: told to the coach. */
export function SoreAnswer({
  before,
  called,
  onTell,
}: {
  before: Sore | undefined;
  /** What the coach is called. */
  called: string;
  onTell: (sore: Sore) => void;
}) {
  const [{ where, level, stride = false }, setSore] = useState<Sore>(before ?? NOWHERE);
  const set = (part: Partial<Sore>) => setSore({ where, level, stride, ...part });
  return (
    <form
      noValidate
      aria-label={wording.somethingHurts}
      onSubmit={(event) => {
        event.preventDefault();
        onTell({ where, level, ...(stride && { stride }) });
      }}
    >
      <label className={styles.field}>
        {wording.where}
        <OutlinedInput
          placeholder={wording.leftCalf}
          value={where}
          slotProps={{ input: { maxLength: 80 } }}
          onChange={({ target }) => set({ where: target.value })}
        />
      </label>
      <label className={styles.field}>
        {wording.howMuch1To10}
        <OutlinedInput
          type="number"
          value={level}
          slotProps={{ input: { min: 1, max: 10, inputMode: 'numeric' } }}
          onChange={({ target }) => set({ level: withinTen(Number(target.value)) })}
        />
      </label>
      <Tick
        label={wording.itChangesMyStride}
        checked={stride}
        onAnswer={(changes) => set({ stride: changes })}
      />
      {stride && <p className={styles.wrong}>{wording.stopRunningUntilItIsGone(called)}</p>}
      <div className={styles['small-acts']}>
        <Button type="submit" variant="contained" disabled={where.trim() === ''}>
          {wording.tell(called)}
        </Button>
      </div>
    </form>
  );
}

function withinTen(level: number): number {
  return Math.min(10, Math.max(1, Math.round(level) || 1));
}
