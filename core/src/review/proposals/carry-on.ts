import { formatPercent, formatPlain } from '../../base/format/index.js';
import { sum } from '../../base/index.js';
import { growthLimit } from '../../rules/limits/index.js';
import { climbBegins } from '../../layout/index.js';
import { isMeasure } from '../done/is-measure.js';
import type { Review, WeekReviewed } from '../done/review-block.js';
import { lastSpell } from '../done/spells.js';
import { wholeWeeksToCome } from '../done/to-come.js';
import { weeksHeldAt } from './held-weeks.js';
import type { Propose } from './proposal.js';

/** Weeks whose mean is what is really held. */
const WEEKS = 2;

/**
 * Carries the climb on from what was run, where that fell short of the plan. A few days missed
 * change nothing: they count as planned. Days missed in a row have a way back of their own;
 * weeks before it, or before the climb began anew, are answered.
 */
export const carryOn: Propose = (review, measure) => {
  const { block, rules, weeks } = review;
  const next = wholeWeeksToCome(review).find(({ recoveryDue }) => !recoveryDue);
  const since = weeks.slice(climbBegins(block.spec, block.weeks));
  const answered = lastSpell(review)?.to ?? '';
  const last = since.filter((each) => isMeasure(each) && each.week.start > answered).slice(-WEEKS);
  if (!next || last.length === 0 || next.taperShare < 1) return [];
  const held = (sum(last.map(({ run }) => run)) + excused(review, last)) / last.length;
  const planned = sum(last.map((each) => each.planned)) / last.length;
  if (held <= 0 || held >= rules.diary.light * planned) return [];
  const most = growthLimit(held, block.feasible.cap);
  if (most >= next.volume) return [];
  const part = most / next.volume;
  const { change, words } = weeksHeldAt(block, [
    { week: next, volume: most, longRun: part * next.longRun, restart: true },
  ]);
  const volume = change.pins.find(({ week }) => week === next.number)?.volume ?? most;
  return [
    {
      key: 'carry-on',
      title: `Carry on from what was run: week ${next.number} at ${formatPlain(volume, measure)}`,
      because: `${formatPlain(held, measure)} a week was held, ${formatPercent(held / planned)} of the plan. The climb goes on from there, to the peak that can then be reached.${words}`,
      command: {
        change,
        message: `Carried on from the ${formatPlain(held, measure)} a week that were run.`,
      },
    },
  ];
};

/** What was planned for the days missed, where they were no more than a few; m or s. */
function excused({ block, rules }: Review, weeks: readonly WeekReviewed[]): number {
  const missed = weeks.flatMap(({ days }) => days).filter(({ done }) => done.state === 'missed');
  const { basis } = block.spec.athlete;
  return missed.length > rules.diary.fewMissed ? 0 : sum(missed.map(({ day }) => day[basis]));
}
