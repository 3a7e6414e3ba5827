import Button from '@mui/material/Button';
import type { BlockFile } from '@nadir/contract';
import { addDays, type Measure } from '@nadir/core/base';
import { formatPlain } from '@nadir/core/base/format';
import { startFromDiary } from '@nadir/core/record';
import { useRecordQuery } from '../../api/api.js';
import { useSignedIn } from '../../api/session.js';
import * as wording from './wording.js';

/** Days that hold the last four whole weeks. */
const DAYS = 35;

/** Takes how the last weeks went from the diary, where it has four of them. */
export function FromDiary({
  athleteId,
  measure,
  onTake,
}: {
  athleteId: string;
  measure: Measure;
  onTake: (
    facts: Pick<NonNullable<BlockFile['athlete']>, 'recentWeeks' | 'longestRecentRun'>,
  ) => void;
}) {
  const { today, coach } = useSignedIn();
  const of = { id: athleteId, from: addDays(today, -DAYS), to: today };
  const { data } = useRecordQuery(of, { skip: athleteId === '' });
  const { weekStartsOn } = coach.settings;
  const start = data && startFromDiary(data.entries, { today, weekStartsOn, basis: measure.basis });
  if (!start) return null;
  const weeks = start.recentWeeks.map((amount) => formatPlain(amount, measure)).join(', ');
  return (
    <Button variant="outlined" onClick={() => onTake(start)}>
      {wording.fromTheDiary(weeks)}
    </Button>
  );
}
