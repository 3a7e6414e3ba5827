import { sum, unitName } from '@nadir/core/base';
import { formatPercent, formatSteps } from '@nadir/core/base/format';
import { isBase } from '@nadir/core/layout';
import { taperSchools } from '@nadir/core/layout/schools';
import {
  legsFigures,
  raceMorningWords,
  sheetTotal,
  timesDayOne,
  WHAT_LEGS_ARE,
} from '@nadir/core/present';
import { plural } from './dates.js';
import type { LaidAndShown } from './useLaidBlock.js';
import styles from './Facts.module.css';

/** The block in eight figures. */
export function BlockFacts({ block, shown }: LaidAndShown) {
  const { spec, weeks } = block;
  const legs = legsFigures(block);
  const { measure } = shown;
  const unit = unitName(measure);
  const building = weeks.filter(isBase);
  const rises = building
    .slice(1)
    .map(({ volume }, index) => volume / (building[index]?.volume ?? volume) - 1);
  const volumes = shown.weeks.map(({ volume }) => volume);
  const heaviest = volumes.indexOf(Math.max(...volumes));
  const longs = shown.weeks.map(({ longRun }) => longRun);
  const longest = longs.lastIndexOf(Math.max(...longs));
  const recovering = weeks.filter(({ recovery }) => recovery).map(({ number }) => number);
  const out = (index: number) => `${plural(weeks[index]?.toGo ?? 0, 'week')} out`;
  const raceWeek = weeks.at(-1)?.volume ?? 0;
  const cut = 1 - raceWeek / Math.max(...weeks.map(({ volume }) => volume));
  const rows: [string, string][] = [
    [
      'Growth, building weeks',
      rises.length === 0
        ? 'none'
        : `${formatPercent(sum(rises) / rises.length)} mean, ${formatPercent(Math.max(...rises))} most`,
    ],
    [
      'Recovery weeks',
      recovering.length === 0
        ? 'none'
        : `${recovering.join(', ')} (−${formatPercent(spec.volume.recovery.depth)})`,
    ],
    ['Heaviest week', `${formatSteps(volumes[heaviest] ?? 0, measure)} ${unit}, ${out(heaviest)}`],
    ['Longest run', `${formatSteps(longs[longest] ?? 0, measure)} ${unit}, ${out(longest)}`],
    [
      'Taper',
      `${taperSchools[spec.taper.school].title.toLowerCase()}, race week −${formatPercent(cut)}`,
    ],
    ['Legs at the nadir', `${timesDayOne(legs.heaviest)}, by week ${legs.week}`],
    ['Legs on race morning', raceMorningWords(legs)],
    ['Total', sheetTotal(block, shown)],
  ];
  return (
    <section aria-label="Shape of this block" className={styles.facts}>
      <h3>Shape of this block</h3>
      <dl>
        {rows.map(([name, figure]) => (
          <div key={name}>
            <dt>{name}</dt>
            <dd>{figure}</dd>
          </div>
        ))}
      </dl>
      <p className="small muted">{WHAT_LEGS_ARE}</p>
    </section>
  );
}
