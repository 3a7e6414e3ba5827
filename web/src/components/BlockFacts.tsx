import { sum, unitName } from '@nadir/core/base';
import { formatPercent, formatSteps } from '@nadir/core/base/format';
import { isBase } from '@nadir/core/layout/block';
import { taperSchools } from '@nadir/core/layout/schools';
import { sheetTotal } from '@nadir/core/present';
import {
  legsFigures,
  raceMorningWords,
  timesDayOne,
  WHAT_LEGS_ARE,
} from '@nadir/core/present/figures';
import type { LaidAndShown } from './useLaidBlock.js';
import styles from './Facts.module.css';
import * as wording from './wording.js';

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
  const out = (index: number) => wording.weeksOut(weeks[index]?.toGo ?? 0);
  const raceWeek = weeks.at(-1)?.volume ?? 0;
  const cut = 1 - raceWeek / Math.max(...weeks.map(({ volume }) => volume));
  const rows: [string, string][] = [
    [
      wording.growthBuildingWeeks,
      rises.length === 0
        ? wording.none
        : wording.meanMost(
            formatPercent(sum(rises) / rises.length),
            formatPercent(Math.max(...rises)),
          ),
    ],
    [
      wording.recoveryWeeks,
      recovering.length === 0
        ? wording.none
        : `${recovering.join(', ')} (−${formatPercent(spec.volume.recovery.depth)})`,
    ],
    [
      wording.heaviestWeek,
      `${formatSteps(volumes[heaviest] ?? 0, measure)} ${unit}, ${out(heaviest)}`,
    ],
    [wording.longestRun, `${formatSteps(longs[longest] ?? 0, measure)} ${unit}, ${out(longest)}`],
    [
      wording.taper,
      wording.raceWeek(taperSchools[spec.taper.school].title.toLowerCase(), formatPercent(cut)),
    ],
    [wording.legsAtTheNadir, wording.byWeek(timesDayOne(legs.heaviest), legs.week)],
    [wording.legsOnRaceMorning, raceMorningWords(legs)],
    [wording.total, sheetTotal(block, shown)],
  ];
  return (
    <section aria-label={wording.shapeOfThisBlock} className={styles.facts}>
      <h3>{wording.shapeOfThisBlock}</h3>
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
