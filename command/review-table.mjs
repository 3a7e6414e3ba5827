import { unitName } from '@nadir/core/base';
import { differenceText, runText } from '@nadir/core/base/format';
import { showBlock } from '@nadir/core/present/figures';
import { patternTitles, patternWords, showReview } from '@nadir/core/present/review';
import { patternsOf } from '@nadir/core/review';
import { lines } from './columns.mjs';

/**
 * A review as a table for a terminal, then what holds and what may be done.
 *
 * @param {import('@nadir/core/review').Review} review
 * @param {import('@nadir/core/review').Proposal[]} proposals
 * @param {import('@nadir/core/base').Measure} measure
 */
export function reviewTable(review, proposals, measure) {
  const figures = showReview(review, showBlock(review.block, measure));
  const head = [
    'week',
    'starts',
    `planned, ${unitName(measure)}`,
    'run',
    'against plan',
    'load',
    'missed',
  ];
  const rows = review.weeks.map(({ week, days, isOver, isKnown, load }) => {
    const { planned = 0, run } = figures.weeks.get(week.number) ?? {};
    const missed = days.filter(({ done }) => done.state === 'missed').length;
    return [
      String(week.number),
      week.start,
      runText(planned),
      run === undefined ? 'not known' : runText(run),
      run === undefined || !isOver ? '' : differenceText(run, planned),
      isKnown ? String(Math.round(load)) : '',
      missed > 0 ? String(missed) : '',
    ];
  });
  const holds = patternsOf(review).map(
    (pattern) => `${pattern.level}: ${patternTitles[pattern.code]}. ${patternWords(pattern)}`,
  );
  const todo = proposals.flatMap(({ title, because, caution }) => [
    `- ${title}. ${because}`,
    ...(caution ? [`  ${caution}`] : []),
  ]);
  const none = review.weeks.length === 0 ? ['The block has not begun.'] : [];
  return `${[...lines([head, ...rows]), ...none, '', ...holds, ...todo].join('\n')}\n`;
}
