import type { Phase } from '../block/block.js';
import { phaseCharacters } from '../../spec/choices/index.js';
import { type LayoutPart, phaseLayouts } from '../schools/index.js';
import type { PhaseSpec } from '../../spec/index.js';
import { scaleWeeks } from './scale.js';

/**
 * The phases of a block, in order, covering every week once.
 *
 * @param weeks length of the block
 * @param taperWeeks weeks at the end in which volume comes down
 * @param recovering numbers of the recovery weeks: a phase of a layout that closes with one ends with the nearest
 */
export function layPhases(
  wish: PhaseSpec,
  weeks: number,
  taperWeeks: number,
  recovering: ReadonlySet<number> = new Set(),
): Phase[] {
  const parts =
    wish.layout === 'own'
      ? ownParts(wish)
      : closedBy(recovering, layoutParts(wish, weeks, taperWeeks));
  let firstWeek = 1;
  return parts
    .filter((part) => part.weeks > 0)
    .map(({ kind, name, closes, weeks: length }) => {
      const phase = {
        kind,
        name,
        purpose: phaseCharacters[kind].purpose,
        firstWeek,
        weeks: length,
        closes: closes ?? false,
      };
      firstWeek += length;
      return phase;
    });

  function ownParts({ own }: PhaseSpec) {
    const lengths = own.map((phase) => phase.weeks);
    const scaled = scaleWeeks(lengths, weeks);
    return own.map(({ kind, name, closes = false, weeks: weight }, index) =>
      sized({ kind, name, closes, weight }, scaled[index]),
    );
  }
}

type SizedPart = LayoutPart & { weeks: number };

/** Weeks that a phase keeps when its edge moves. */
const LEAST_WEEKS = 2;

/** Edges of phases that close with a recovery week, moved to the nearest one: the cadence stays. */
function closedBy(recovering: ReadonlySet<number>, parts: readonly SizedPart[]): SizedPart[] {
  const moved = parts.map((part) => ({ ...part }));
  let end = 0;
  for (const [index, part] of moved.entries()) {
    const next = moved[index + 1];
    const first = end + 1;
    end += part.weeks;
    if (!part.closes || !next || next.kind === 'taper') continue;
    const fits = [...recovering].filter(
      (week) => week - first + 1 >= LEAST_WEEKS && end + next.weeks - week >= LEAST_WEEKS,
    );
    const away = (week: number) => Math.abs(week - end);
    const nearest = fits.sort((one, other) => away(one) - away(other) || one - other)[0];
    if (nearest === undefined) continue;
    part.weeks += nearest - end;
    next.weeks -= nearest - end;
    end = nearest;
  }
  return moved;
}

function layoutParts(wish: PhaseSpec, weeks: number, taperWeeks: number): SizedPart[] {
  const layout = phaseLayouts[wish.layout];
  const taper = sized({ kind: 'taper', name: 'Taper', weight: 0 }, taperWeeks);
  const weights = layout.parts.map((part) => part.weight);
  if (layout.taperIsAPart && weeks / layout.parts.length >= taperWeeks) {
    const lengths = scaleWeeks(weights, weeks);
    const parts = layout.parts.map((part, index) => sized(part, lengths[index]));
    const last = parts.at(-1);
    if (last) last.weeks -= taperWeeks;
    return [...parts, taper];
  }
  const building = layout.taperIsAPart ? layout.parts.slice(0, -1) : layout.parts;
  const lengths = scaleWeeks(
    building.map((part) => part.weight),
    weeks - taperWeeks,
  );
  return [...building.map((part, index) => sized(part, lengths[index])), taper];
}

function sized(part: LayoutPart, weeks = 0): SizedPart {
  return { weeks, ...part };
}
