import { print } from './print.mjs';
import { readBlock, refuse, today } from './read-block.mjs';

/**
 * Holds what was run against what was planned, from a block file with its diary.
 *
 * @param {string[]} words FILE and perhaps `--json`
 * @returns {Promise<number>} 0 when reviewed, 2 with one line on standard error when not
 */
export async function reviewFile(words) {
  const read = await readBlock('review', words);
  if (typeof read === 'string') return refuse(read);
  const { given, history, diary, json } = read;
  const { layOut } = await import('@nadir/core');
  const { rulesOf } = await import('@nadir/core/rules');
  const { patternsOf, proposalsOf, reviewBlock } = await import('@nadir/core/review');
  const asOf = today();
  const { entries = [], mornings = [] } = diary ?? {};
  const block = layOut(given, { asOf, history, record: entries });
  const rules = rulesOf(block.spec);
  const review = reviewBlock({ block, rules, today: asOf, entries, mornings });
  const measure = { ...block.spec.athlete, step: /** @type {const} */ (1) };
  const proposals = proposalsOf(review, measure);
  if (json) {
    const weeks = review.weeks.map(({ week: { number, start }, isOver, isKnown, ...figures }) => {
      const { planned, run, longRun, hard, load, monotony } = figures;
      return { number, start, isOver, isKnown, planned, run, longRun, hard, load, monotony };
    });
    const found = { weeks, patterns: patternsOf(review), proposals };
    print(`${JSON.stringify(found, null, 2)}\n`);
  } else {
    const { reviewTable } = await import('./review-table.mjs');
    print(reviewTable(review, proposals, measure));
  }
  return 0;
}
