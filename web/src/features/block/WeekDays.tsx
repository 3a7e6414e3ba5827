import { unitName } from '@nadir/core/base';
import { formatHours, formatRaceDistance, formatSteps } from '@nadir/core/base/format';
import { sheetDays } from '@nadir/core/present';
import { memo } from 'react';
import { Link } from 'react-router';
import type { LaidAndShown } from '../../components/useLaidBlock.js';
import { DISPLAY_FACE } from '../../theme/theme.js';
import { token } from '../../theme/tokens.js';

/** The seven days of the selected week, under the Ledger. */
export const WeekDays = memo(function WeekDays({
  block,
  shown,
  week: number,
}: LaidAndShown & { week: number }) {
  const week = block.weeks[number - 1];
  const figures = shown.weeks[number - 1];
  if (!week || !figures) return null;
  const { measure } = shown;
  const { race, athlete } = block.spec;
  return (
    <section aria-label={`Days of week ${number}`} className="days">
      <div>
        <h2
          style={{
            margin: 0,
            fontFamily: DISPLAY_FACE,
            fontStyle: 'italic',
            fontWeight: 400,
            fontSize: 17,
          }}
        >
          <Link to={`week/${week.start}`} title="Its days: moved, written, swapped">
            Week {number}
          </Link>
        </h2>
        <div style={{ color: token('muted'), fontSize: 12.5 }}>
          {formatSteps(figures.volume, measure)} {unitName(measure)}, {week.runDays} runs
        </div>
      </div>
      {sheetDays(week, shown).map(({ date, day, role: roleWords, figure }, index) => {
        const { role = 'rest', time = 0 } = week.days[index] ?? {};
        const hard = role === 'quality' || role === 'long' || role === 'race';
        return (
          <div
            key={date}
            style={{
              borderTop: `${hard ? 2.5 : 1}px solid ${token(hard ? 'ink' : 'hairline')}`,
              paddingTop: hard ? 2 : 3.5,
            }}
          >
            <div style={{ color: token('muted'), fontSize: 12 }}>{day}</div>
            <div style={{ display: 'flex', justifyContent: 'space-between', gap: 4 }}>
              <span
                style={{
                  fontWeight: hard ? 600 : 400,
                  color: token(role === 'race' ? 'signal' : 'ink'),
                }}
              >
                {roleWords}
              </span>
              {figure && <b style={{ fontSize: 15, paddingRight: 6 }}>{figure}</b>}
            </div>
            <div style={{ color: token('muted'), fontSize: 12 }}>
              {role === 'race'
                ? formatRaceDistance(race.distance, athlete.unit)
                : time > 0 && `about ${formatHours(time)}`}
            </div>
          </div>
        );
      })}
    </section>
  );
});
