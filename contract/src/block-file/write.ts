import { countBack } from '@nadir/core/base';
import { applyChange, type Change, templateDays, templateEvents } from '@nadir/core/edit';
import { settledSpec } from '@nadir/core/edit/answers';
import { resolveSpec } from '@nadir/core/layout';
import { validateSpec } from '@nadir/core/layout/validate';
import { defaultPacesOf } from '@nadir/core/paces';
import { suggestUses } from '@nadir/core/sessions/library';
import type { BlockSpec, ResolvedSpec } from '@nadir/core/spec';
import { type Parsed, givenOf } from './parse.js';
import { type BlockFile, type BlockTemplate, NEWEST_VERSION } from './schema.js';

/**
 * Settled wishes as a block file. Nothing is lost: the file settles to the same
 * wishes again. The start is left out where it is counted back from the race.
 */
export function toBlockFile(wishes: ResolvedSpec, countedBack: boolean): BlockFile {
  const { start, weeks, phases, volume, paces, sessions, ...same } = wishes;
  return {
    format: 'nadir-block',
    version: NEWEST_VERSION,
    ...same,
    ...(countedBack ? { weeks } : { start }),
    phases: phases.layout === 'own' ? phases : { layout: phases.layout },
    volume: { ...volume, growth: growthOf(volume.growth) },
    // The product's own table goes without saying, and so do the families it suggests.
    paces: {
      ...paces,
      table: paces.table === defaultPacesOf(wishes.engine) ? undefined : paces.table,
    },
    sessions: sessions === suggestUses(wishes.race.distance, wishes.engine) ? undefined : sessions,
  };
}

/**
 * A file with a change laid over its wishes, or what stands in its way. Where
 * its start was counted back from the race, and still is where counting back
 * leads, it stays left out.
 */
export function changedFile(file: BlockFile, change: Change): Parsed<BlockFile> {
  const given = applyChange<BlockSpec>(givenOf(file), change);
  const problems = validateSpec(given);
  if (problems.length > 0) return { ok: false, problems };
  const settled = settledSpec(given);
  const { race, weeks, weekStartsOn, start } = settled;
  const counted = file.start === undefined && start === countBack(race.date, weeks, weekStartsOn);
  return { ok: true, value: toBlockFile(settled, counted) };
}

/** Keeps of a block's wishes what may serve another athlete, dates as weeks to go: no name, no waivers. */
export function templateOf(file: BlockFile): BlockTemplate {
  const { phases, volume, longRun, taper, week, pins, overrides } = file;
  const { sessions, families, rotations } = file;
  const spec = resolveSpec(givenOf(file));
  const { athlete, race, weeks } = spec;
  return {
    basis: athlete.basis,
    distance: race.distance,
    days: templateDays(spec),
    events: templateEvents(spec),
    weeks,
    phases,
    volume,
    longRun,
    taper,
    week,
    sessions,
    families,
    rotations,
    pins,
    overrides,
  };
}

/** Only what the school itself knows; the rest comes from the house rules again. */
function growthOf({ school, cap, step, hold, rises, wayBack }: ResolvedSpec['volume']['growth']) {
  switch (school) {
    case 'percentage':
      return { school, cap };
    case 'fixed-step':
      return { school, step };
    case 'step-and-hold':
      return { school, step, hold };
    case 'straight-to-peak':
      return { school, rises };
    case 'alternating':
      return { school, wayBack };
  }
}
