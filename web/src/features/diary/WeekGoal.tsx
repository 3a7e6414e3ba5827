import OutlinedInput from '@mui/material/OutlinedInput';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import type { WeekReview } from '@nadir/contract';
import { useState } from 'react';
import { useWeekReview } from './useWeekReview.js';

const MET = [
  ['met', 'Met'],
  ['part', 'Met in part'],
  ['not', 'Not met'],
] as const;

/** The goal of the week in the coach’s words, and whether it was met. */
export function WeekGoal({ start }: { start: string }) {
  const { review, change } = useWeekReview(start);
  const [typed, setTyped] = useState<string>();
  const goal = typed ?? review.goal ?? '';
  return (
    <section aria-label="Goal of the week">
      <h2 className="display">Goal of the week</h2>
      <OutlinedInput
        multiline
        fullWidth
        value={goal}
        placeholder="What the week is for, in a sentence"
        slotProps={{ input: { 'aria-label': 'Goal of the week', maxLength: 400 } }}
        onChange={({ target }) => setTyped(target.value)}
        onBlur={() => {
          if (goal.trim() !== (review.goal ?? '')) {
            change({ goal: goal.trim() || undefined }, 'Kept the goal of the week.');
          }
          setTyped(undefined);
        }}
      />
      <ToggleButtonGroup
        exclusive
        aria-label="Whether it was met"
        value={review.met ?? null}
        sx={{ mt: 1 }}
        onChange={(_, met: WeekReview['met'] | null) =>
          change({ met: met ?? undefined }, 'Kept whether the goal was met.')
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
