import { formatDuration, formatPaceRange, formatRace } from '@nadir/core/base/format';
import { gapWords, paceModels } from '@nadir/core/paces';
import { lines } from './columns.mjs';

/**
 * Paces and equivalents as a table for a terminal.
 *
 * @param {import('@nadir/core/spec').ResolvedSpec} spec
 * @param {{ paces: import('@nadir/core/paces').PacesOn, models: import('@nadir/core/paces').ModelColumn[],
 *   gap: import('@nadir/core/paces').GoalGap | undefined, distances: number[] }} found
 */
export function pacesTable(spec, { paces, models, gap, distances }) {
  const { athlete, race } = spec;
  const { fitness } = paces;
  const range = (/** @type {import('@nadir/core/paces').PaceRange | undefined} */ each) =>
    each ? formatPaceRange(each, athlete.unit) : '–';
  const [newest] = fitness?.efforts ?? [];
  const rests = newest
    ? `rests on ${formatRace(newest.distance, athlete.unit)} in ${formatDuration(newest.time)} on ${newest.date}${fitness?.stale ? ', which is stale' : ''}`
    : fitness || spec.race.goalTime !== undefined
      ? 'no result yet: the goal alone'
      : 'neither a result nor a goal yet: easy running is a guess by the recent weeks';
  const named = lines([
    ['pace', 'current', 'goal', 'used', 'beats'],
    ...paces.rows.map(({ pace, current, goal, used, beats, holds }) => [
      holds ? pace.name : `${pace.name} ?`,
      range(current),
      range(goal),
      range(used),
      beats ? beats.join('–') : '',
    ]),
  ]);
  const equivalents = lines([
    ['distance', ...models.map(({ name }) => paceModels[name].title.toLowerCase())],
    ...distances.map((distance, index) => [
      formatRace(distance, athlete.unit),
      ...models.map(({ predictions }) => {
        const each = predictions[index];
        return each ? `${formatDuration(each.time)}${each.holds ? '' : ' ?'}` : '–';
      }),
    ]),
  ]);
  const lacking = models.flatMap(({ name, lacking: what }) =>
    what === undefined ? [] : [`${paceModels[name].title}: ${what}`],
  );
  return `${[
    [athlete.name, race.name, paces.day].filter(Boolean).join(' · '),
    rests,
    '',
    ...named,
    '',
    ...equivalents,
    ...(paces.rows.some(({ holds }) => !holds) ||
    models.some(({ predictions }) => predictions.some((each) => each && !each.holds))
      ? ['? a guess: no result is near enough to tell']
      : []),
    ...lacking,
    ...(fitness?.caution
      ? [
          `Marathon made careful for little running: exponent ${fitness.caution.exponent.toFixed(2)} from the half on.`,
        ]
      : []),
    ...(gap ? [gapWords(gap, athlete.unit)] : []),
  ].join('\n')}\n`;
}
