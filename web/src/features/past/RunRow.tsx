import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import { runText } from '@nadir/core/base/format';
import { showReview } from '@nadir/core/present/review';
import { reviewBlock } from '@nadir/core/review';
import { rulesOf } from '@nadir/core/rules';
import { type ReactNode, useMemo } from 'react';
import { useRecordQuery } from '../../api/api.js';
import { useSignedIn } from '../../api/session.js';
import type { OverlayBlock } from '../../drawing/Overlay.js';

/** What was run of a block, week under week: done against done. Empty where it is not known. */
export function RunRow({
  athleteId,
  laid: { block, shown },
  weeks,
  head,
}: {
  athleteId: string;
  laid: OverlayBlock;
  /** Numbers of its weeks in the order of the table; undefined beyond the block. */
  weeks: readonly (number | undefined)[];
  head: ReactNode;
}) {
  const { today } = useSignedIn();
  const { start, race } = block.spec;
  const { data } = useRecordQuery({ id: athleteId, from: start, to: race.date });
  const run = useMemo(() => {
    if (!data) return undefined;
    const { entries, mornings } = data;
    const review = reviewBlock({ block, rules: rulesOf(block.spec), today, entries, mornings });
    return showReview(review, shown).weeks;
  }, [data, block, shown, today]);
  return (
    <TableRow>
      {head}
      {weeks.map((number, place) => {
        const amount = number === undefined ? undefined : run?.get(number)?.run;
        return <TableCell key={place}>{amount === undefined ? '' : runText(amount)}</TableCell>;
      })}
    </TableRow>
  );
}
