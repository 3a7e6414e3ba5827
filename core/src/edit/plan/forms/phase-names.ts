import type { PhaseKind } from '../../../spec/choices/index.js';

/** What coaches call a phase, and what is trained in it. */
const KINDS: readonly (readonly [RegExp, PhaseKind])[] = [
  [/race week/i, 'race-week'],
  [/taper|wind(?:ing)?[ -]down/i, 'taper'],
  [/sharp|race[ -]ready/i, 'sharpening'],
  [/specific|build|peak|race[ -]prep/i, 'specific'],
  [/speed|interval|vo2|track/i, 'speed'],
  [/threshold|tempo|stamina/i, 'threshold'],
  [/hill|strength/i, 'hills-and-strength'],
  [/base|foundation|aerobic|general|intro|prep|endurance/i, 'foundation'],
];

/** What is trained in a phase of this name; undefined where it is not known. */
export function kindOf(name: string): PhaseKind | undefined {
  return KINDS.find(([words]) => words.test(name))?.[1];
}

/** `Base 1`, `Build phase (4 weeks)`: without its number and what stands in brackets. */
export function nameOf(text: string): string {
  const plain = text.replace(/[([].*$/, '').replace(/\s*(?:phase|block)?[\s\d:.-]*$/i, '');
  return (plain.trim() || text.trim()).slice(0, LONGEST_NAME);
}

/** Characters of a phase’s name. */
const LONGEST_NAME = 60;

/** `BASE`, `Build phase (4 weeks)`: the name of a phase and nothing that is run. */
export function isPhaseName(text: string): boolean {
  const name = nameOf(text);
  return !/\d/.test(name) && kindOf(name) !== undefined;
}
