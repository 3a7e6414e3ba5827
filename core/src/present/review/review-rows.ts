import { unitName } from '../../base/index.js';
import type { Review } from '../../review/index.js';
import type { ShownBlock } from '../figures/show.js';
import type { SheetRow } from '../sheet/rows.js';
import { missedWords } from './done-words.js';
import { differenceText, runText } from '../../base/format/index.js';
import type { ShownReview } from './show-review.js';

/** The rows of a diary: what was run, by how much it differs, what it weighed, what was missed. */
export function reviewRows(
  review: Review,
  figures: ShownReview,
  { measure }: Pick<ShownBlock, 'measure'>,
): SheetRow[] {
  const of = (number: number) => figures.weeks.get(number);
  const reviewed = new Map(review.weeks.map((each) => [each.week.number, each]));
  if (!review.weeks.some(({ isKnown }) => isKnown)) return [];
  return [
    {
      key: 'run',
      label: `Run, ${unitName(measure)}`,
      strong: true,
      text: ({ number }) => {
        const run = of(number)?.run;
        return run === undefined ? '' : runText(run);
      },
      why: ({ number }) => {
        const unknown = reviewed.get(number)?.unknown ?? 0;
        return unknown > 0
          ? `What was run, as far as it is recorded: ${unknown} ${unknown === 1 ? 'day is' : 'days are'} not known.`
          : 'What was run, the race apart.';
      },
    },
    {
      key: 'difference',
      label: 'Against plan',
      text: ({ number }) => {
        const { run, planned } = of(number) ?? {};
        const isWhole = reviewed.get(number)?.isWhole === true;
        return run === undefined || planned === undefined || !isWhole
          ? ''
          : differenceText(run, planned);
      },
      why: () => 'What was run less what was planned, of weeks that are over and known day by day.',
    },
    {
      key: 'load',
      label: 'Load',
      text: ({ number }) => {
        const each = reviewed.get(number);
        return each?.isKnown ? String(Math.round(each.load)) : '';
      },
      why: () => 'Minutes × effort: effort as recorded, by the heart rate, else as planned.',
    },
    {
      key: 'missed',
      label: 'Missed',
      text: ({ number }) => {
        const count = missedIn(reviewed.get(number)).length;
        return count > 0 ? String(count) : '';
      },
      why: ({ number }) =>
        missedIn(reviewed.get(number))
          .map(({ done }) => (done.reason ? missedWords[done.reason] : 'no reason given'))
          .join(', ') || 'No day was missed.',
    },
  ];
}

function missedIn(week: Review['weeks'][number] | undefined) {
  return week?.days.filter(({ done }) => done.state === 'missed') ?? [];
}
