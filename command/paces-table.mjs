import { lines } from './columns.mjs';

/**
 * Paces and equivalents as a table for a terminal.
 *
 * @param {typeof import('@nadir/core')} core
 * @param {import('@nadir/core').Wishes} wishes
 * @param {{ paces: import('@nadir/core').PacesOn, models: import('@nadir/core').ModelColumn[],
 *   gap: import('@nadir/core').GoalGap | undefined, distances: number[] }} found
 */
export function pacesTable(core, wishes, { paces, models, gap, distances }) {
  const { athlete, race } = wishes;
  const { fitness } = paces;
  const range = (/** @type {import('@nadir/core').PaceRange | undefined} */ each) =>
    each ? core.formatPaceRange(each, athlete.unit) : '–';
  const [newest] = fitness?.efforts ?? [];
  const rests = newest
    ? `rests on ${core.formatRace(newest.distance, athlete.unit)} in ${core.formatDuration(newest.time)} on ${newest.date}${fitness?.stale ? ', which is stale' : ''}`
    : 'no result yet: the goal alone';
  const named = lines([
    ['pace', 'current', 'goal', 'used', 'beats'],
    ...paces.rows.map(({ pace, current, goal, used, beats }) => [
      pace.name,
      range(current),
      range(goal),
      range(used),
      beats ? beats.join('–') : '',
    ]),
  ]);
  const equivalents = lines([
    ['distance', ...models.map(({ name }) => core.paceModels[name].title.toLowerCase())],
    ...distances.map((distance, index) => [
      core.formatRace(distance, athlete.unit),
      ...models.map(({ predictions }) => {
        const each = predictions[index];
        return each ? `${core.formatDuration(each.time)}${each.holds ? '' : ' ?'}` : '–';
      }),
    ]),
  ]);
  const lacking = models.flatMap(({ name, lacking: what }) =>
    what === undefined ? [] : [`${core.paceModels[name].title}: ${what}`],
  );
  return `${[
    [athlete.name, race.name, paces.day].filter(Boolean).join(' · '),
    rests,
    '',
    ...named,
    '',
    ...equivalents,
    ...(models.some(({ predictions }) => predictions.some((each) => each && !each.holds))
      ? ['? beyond where the model is known to hold']
      : []),
    ...lacking,
    ...(fitness?.caution
      ? [
          `Marathon made careful for little running: exponent ${fitness.caution.exponent.toFixed(2)} from the half on.`,
        ]
      : []),
    ...(gap ? [core.gapWords(gap, athlete.unit)] : []),
  ].join('\n')}\n`;
}
