import OutlinedInput from '@mui/material/OutlinedInput';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import type { WeekReview } from '@nadir/contract';
import { useState } from 'react';
import { useWeekReview } from './useWeekReview.js';
import * as wording from './wording.js';

const MET = [
  ['met', wording.met],
  ['part', wording.metInPart],
  ['not', wording.notMet],
] as const;

/** The goal of the week in the coach’s words, and whether it was met. */
export function WeekGoal({ start }: { start: string }) {
  const { review, change } = useWeekReview(start);
  const [typed, setTyped] = useState<string>();
  const goal = typed ?? review.goal ?? '';
  return (
    <section aria-label={wording.goalOfTheWeek}>
      <h2 className="display">{wording.goalOfTheWeek}</h2>
      <OutlinedInput
        multiline
        fullWidth
        value={goal}
        placeholder={wording.whatTheWeek}
        slotProps={{ input: { 'aria-label': wording.goalOfTheWeek, maxLength: 400 } }}
        onChange={({ target }) => setTyped(target.value)}
        onBlur={() => {
          if (goal.trim() !== (review.goal ?? '')) {
            change({ goal: goal.trim() || undefined }, wording.keptTheGoalOfTheWeek);
          }
          setTyped(undefined);
        }}
      />
      <ToggleButtonGroup
        exclusive
        aria-label={wording.whetherItWasMet}
        value={review.met ?? null}
        sx={{ mt: 1 }}
        onChange={(_, met: WeekReview['met'] | null) =>
          change({ met: met ?? undefined }, wording.keptWhetherTheGoalWasMet)
        }
      >
        {MET.map(([value, label]) => (
          <ToggleButton key={value} value={value}>
            {label}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
    </section>
  );
}
