import { dayWords } from '@nadir/core/base/format';
import { whyDay } from '@nadir/core/present';
import type { ShownBlock } from '@nadir/core/present/figures';
import type { HouseRules } from '@nadir/core/rules';
import type { CycleDay } from './cycle-days.js';
import * as wording from './wording.js';

/** A day that is over: what it was and why, and nothing to change it with. */
export function DayOver({
  chosen: { day, week },
  shown,
  rules,
}: {
  chosen: CycleDay;
  shown: ShownBlock;
  rules: HouseRules;
}) {
  return (
    <section aria-label={dayWords(day.date)}>
      <h2 className="display">{dayWords(day.date)}</h2>
      <p>{wording.overItStaysAsItWasHanded(whyDay(week, day, shown, rules))}</p>
    </section>
  );
}
