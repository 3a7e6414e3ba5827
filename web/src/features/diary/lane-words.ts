import { formatPaceRange } from '@nadir/core/base/format';
import type { Review } from '@nadir/core/review';

/** What each lane shows, in a sentence or two. */
export function laneWords(review: Review): { easy: string; load: string; mornings: string } {
  return { easy: easyWords(review), load: loadWords(review), mornings: morningWords(review) };
}

function easyWords({ days, block, rules }: Review): string {
  const runs = days.flatMap(({ easy }) => (easy ? [easy] : []));
  const last = runs.at(-1);
  if (!last) return 'No easy run with distance and time is recorded.';
  const quick = runs.filter(({ pace, range }) => pace < range.quick - rules.diary.easyMargin);
  const table = formatPaceRange(last.range, block.spec.athlete.unit);
  return quick.length === 0
    ? `Table ${table}. None of ${runs.length} easy runs was quicker.`
    : `Table ${table}. ${quick.length} of ${runs.length} easy runs were quicker (triangles).`;
}

function loadWords({ weeks }: Review): string {
  const known = weeks.filter(({ isKnown }) => isKnown);
  const monotone = known.flatMap(({ monotony, week }) =>
    monotony === undefined ? [] : [{ monotony, number: week.number }],
  );
  const [most] = monotone.toSorted((one, other) => other.monotony - one.monotony);
  return most
    ? `Monotony at most ${most.monotony.toFixed(1)}, in week ${most.number}: mean daily load over its spread.`
    : 'No whole week is recorded yet.';
}

function morningWords({ days }: Review): string {
  const told = days.filter(({ morning }) => morning);
  const sore = told.filter(({ morning }) => morning?.sore);
  const ill = told.filter(({ morning }) => morning?.ill);
  if (told.length === 0) return 'No mornings are recorded.';
  const parts = [
    sore.length > 0 ? `sore on ${sore.length}` : '',
    ill.length > 0 ? `ill on ${ill.length}` : '',
  ].filter((each) => each !== '');
  return `${told.length} mornings noted; ${parts.join(', ') || 'never sore or ill'}.`;
}
