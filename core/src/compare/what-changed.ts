import type { Block } from '../block/block.js';
import { sum } from '../units/apportion.js';
import { formatPercent, formatPlain } from '../units/format.js';
import type { Measure } from '../units/measure.js';

/** One thing that is different between two blocks: its name, before and after. */
export interface Difference {
  name: string;
  before: string;
  after: string;
}

/** What a change of the wishes moves in the laid-out block, in a coach's figures. */
export function whatChanged(before: Block, after: Block, measure: Measure): Difference[] {
  const say = (amount: number) =>
    formatPlain(amount, { ...measure, basis: before.wishes.athlete.basis });
  const figures = (block: Block): Record<string, string> => {
    const { wishes, weeks, phases, legs, findings } = block;
    const heaviest = weeks.reduce((best, week) => (week.volume > best.volume ? week : best));
    const longest = weeks.reduce((best, week) => (week.longRun >= best.longRun ? week : best));
    const recovering = weeks.filter(({ recovery }) => recovery).map(({ number }) => number);
    return {
      'Race day': wishes.race.date,
      Weeks: String(weeks.length),
      Starts: wishes.start,
      Phases: phases.map(({ name, weeks: length }) => `${name} ${length}`).join(', '),
      'Heaviest week': `${say(heaviest.volume)}, ${heaviest.toGo} out`,
      'Longest run': `${say(longest.longRun)}, ${longest.toGo} out`,
      'Recovery weeks': recovering.join(', ') || 'none',
      'Pinned weeks': wishes.pins.map(({ week }) => week).join(', ') || 'none',
      'On the way': wishes.events.map(({ name }) => name).join(', ') || 'nothing',
      Total: say(sum(weeks.map(({ volume }) => volume))),
      'Race week': say(weeks.at(-1)?.volume ?? 0),
      'Legs on race morning': formatPercent(-legs.raceDay),
      Findings: String(findings.filter(({ waived }) => waived === undefined).length),
    };
  };
  const old = figures(before);
  return Object.entries(figures(after)).flatMap(([name, value]) =>
    old[name] === value ? [] : [{ name, before: old[name] ?? '', after: value }],
  );
}
