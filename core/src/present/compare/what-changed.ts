import { dayWords, formatPace } from '../../base/format/index.js';
import { paceAimWords } from '../../spec/choices/index.js';
import type { Measure } from '../../base/index.js';
import { rulesOf } from '../../rules/index.js';
import { easyPaces, paceModels } from '../../paces/index.js';
import type { Block } from '../../layout/block/index.js';
import type { Finding } from '../../checks/index.js';
import { sayLongRun, sayTotal, sayVolume } from '../figures/say.js';
import { timesDayOne } from '../figures/legs.js';
import { showBlock } from '../figures/show.js';

/** One thing that is different between two blocks: its name, before and after. */
export interface Difference {
  name: string;
  before: string;
  after: string;
}

/** A block, and what its checks have found. */
type Checked = Block & { findings: readonly Pick<Finding, 'waived'>[] };

/** What a change of the spec moves in the laid-out block, in a coach's figures. */
export function whatChanged(before: Checked, after: Checked, measure: Measure): Difference[] {
  const { basis } = before.spec.athlete;
  const figures = (block: Checked): Record<string, string> => {
    const { spec, weeks, phases, legs, findings } = block;
    const { athlete, race, paces } = spec;
    const shown = showBlock(block, { ...measure, basis });
    const heaviest = weeks.reduce((best, week) => (week.volume > best.volume ? week : best));
    const longest = weeks.reduce((best, week) => (week.longRun >= best.longRun ? week : best));
    const recovering = weeks.filter(({ recovery }) => recovery).map(({ number }) => number);
    return {
      'Race day': dayOf(spec.race.date),
      Weeks: String(weeks.length),
      Starts: dayOf(spec.start),
      Phases: phases.map(({ name, weeks: length }) => `${name} ${length}`).join(', '),
      'Heaviest week': `${sayVolume(shown, heaviest.number)}, ${heaviest.toGo} out`,
      'Longest run': `${sayLongRun(shown, longest.number)}, ${longest.toGo} out`,
      'Recovery weeks': recovering.join(', ') || 'none',
      'Fixed weeks':
        spec.pins.map(({ week, restart }) => `${week}${restart ? ' (rebuilds)' : ''}`).join(', ') ||
        'none',
      'Races & days away': spec.events.map(({ name }) => name).join(', ') || 'none',
      Total: sayTotal(shown),
      'Race week': sayVolume(shown, weeks.length),
      Results: String(athlete.results.length),
      'Paces by': paceModels[athlete.paceModel].title.toLowerCase(),
      'Paces aim at': paceAimWords[paces.aim].title.toLowerCase(),
      'Re-paced': paces.repaced.join(', ') || 'never',
      'Easy pace in race week': formatPace(easyPaces(spec, rulesOf(spec))(race.date), measure.unit),
      'Legs on race morning': timesDayOne(legs.raceDay),
      Findings: String(findings.filter(({ waived }) => waived === undefined).length),
    };
  };
  const old = figures(before);
  return Object.entries(figures(after)).flatMap(([name, value]) =>
    old[name] === value ? [] : [{ name, before: old[name] ?? '', after: value }],
  );
}

function dayOf(date: string): string {
  return `${dayWords(date)} ${date.slice(0, 4)}`;
}
