import type { PhaseKind, PhaseLayoutName } from '../../spec/choices/index.js';

/** A part of a layout, before it is scaled to a block's length. */
export interface LayoutPart {
  kind: PhaseKind;
  name: string;
  /** Share of the weeks before the taper, relative to the other parts. */
  weight: number;
  /** True when the part's last week is a recovery week. */
  closes?: boolean;
}

export interface PhaseLayout {
  title: string;
  /** What it is for and what it costs, in one sentence. */
  why: string;
  parts: readonly LayoutPart[];
  /** True when the taper is one of equal parts and its early weeks sharpen. */
  taperIsAPart?: boolean;
}

export const phaseLayouts: Readonly<Record<PhaseLayoutName, PhaseLayout>> = {
  'four-equal-parts': {
    title: 'Four equal parts',
    why: 'Every quality gets the same time; a long last part sharpens before it tapers, at the cost of fewer specific weeks.',
    parts: [
      { kind: 'foundation', name: 'Foundation', weight: 1 },
      { kind: 'speed', name: 'Speed', weight: 1 },
      { kind: 'specific', name: 'Race-specific', weight: 1 },
      { kind: 'sharpening', name: 'Sharpening', weight: 1 },
    ],
    taperIsAPart: true,
  },
  'base-strength-intervals-taper': {
    title: 'Base, strength, intervals, taper',
    why: 'One stress after the other, each closed by a recovery week; quick running comes late.',
    parts: [
      { kind: 'foundation', name: 'Base', weight: 5, closes: true },
      { kind: 'hills-and-strength', name: 'Strength', weight: 4, closes: true },
      { kind: 'speed', name: 'Intervals', weight: 4, closes: true },
    ],
  },
  'long-aerobic-first': {
    title: 'Long aerobic first',
    why: 'Two fifths of easy running build durable legs; little time is left for speed.',
    parts: [
      { kind: 'foundation', name: 'Aerobic', weight: 4 },
      { kind: 'threshold', name: 'Threshold', weight: 3 },
      { kind: 'speed', name: 'Intervals', weight: 3 },
    ],
  },
  'speed-before-distance': {
    title: 'Speed before distance',
    why: 'Short-race speed and hills first, the race’s own work after; wants healthy, trained legs from day one.',
    parts: [
      { kind: 'hills-and-strength', name: 'Hills', weight: 2 },
      { kind: 'speed', name: 'Speed', weight: 3 },
      { kind: 'specific', name: 'Race-specific', weight: 5 },
    ],
  },
  'late-speed': {
    title: 'Late speed',
    why: 'Nothing but volume for the first third; safe for returning runners, slow to show form.',
    parts: [
      { kind: 'foundation', name: 'Volume', weight: 4 },
      { kind: 'threshold', name: 'Threshold', weight: 4 },
      { kind: 'specific', name: 'Race-specific', weight: 4 },
    ],
  },
  'three-by-four': {
    title: 'Three by four',
    why: 'Three cycles, each closed by an easy week with a test; for middle distance, where every quality stays in touch.',
    parts: [
      { kind: 'threshold', name: 'First cycle', weight: 1, closes: true },
      { kind: 'speed', name: 'Second cycle', weight: 1, closes: true },
      { kind: 'specific', name: 'Third cycle', weight: 1 },
    ],
  },
  'three-runs-a-week': {
    title: 'Three runs a week',
    why: 'A long run and two short ones for the often hurt; keeps them running, not racing their best.',
    parts: [
      { kind: 'foundation', name: 'Easy running', weight: 3, closes: true },
      { kind: 'foundation', name: 'Longer running', weight: 2 },
    ],
  },
  own: {
    title: 'My own phases',
    why: 'You name, order and size them; the counting stays with us.',
    parts: [],
  },
};
