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
import { token } from '../theme/tokens.js';

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
    ['Legs at their heaviest', `${timesDayOne(legs.heaviest)}, by week ${legs.week}`],
    ['Legs on race morning', raceMorningWords(legs)],
    ['Total', sheetTotal(block, shown)],
  ];
  return (
    <section aria-label="Shape of this block" style={{ fontSize: 13 }}>
      <h2 style={{ margin: '14px 0 4px', fontSize: 14, fontWeight: 600 }}>Shape of this block</h2>
      <dl style={{ margin: 0 }}>
        {rows.map(([name, figure]) => (
          <div
            key={name}
            style={{ display: 'flex', justifyContent: 'space-between', gap: 8, padding: '1px 0' }}
          >
            <dt style={{ color: token('muted') }}>{name}</dt>
            <dd style={{ margin: 0, textAlign: 'right' }}>{figure}</dd>
          </div>
        ))}
      </dl>
      <p style={{ margin: '6px 0 0', color: token('muted'), fontSize: 12.5 }}>{WHAT_LEGS_ARE}</p>
    </section>
  );
}
