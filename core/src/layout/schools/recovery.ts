interface School {
  title: string;
  /** What it is for and what it costs, in one sentence. */
  why: string;
}

/** How often a recovery week comes. */
export const recoveryCadences = {
  '3': {
    title: 'Every third week',
    why: 'For the often hurt and the older: two weeks up, one to absorb them; slow to the top.',
  },
  '4': {
    title: 'Every fourth week',
    why: 'Three weeks up, one to absorb them; the usual rhythm of body and month.',
  },
  '5': {
    title: 'Every fifth week',
    why: 'Four weeks up for those who recover well; the fourth is felt.',
  },
  '6': {
    title: 'Every sixth week',
    why: 'Long stretches for the seasoned at a volume they know; little warning before too much.',
  },
  none: {
    title: 'None',
    why: 'Every week counts in a short block; in a longer one the body takes its rest unasked.',
  },
} as const satisfies Record<string, School>;

/** How a block goes on after a recovery week. */
export const reEntrySchools = {
  resume: {
    title: 'Resume where it was',
    why: 'Back at the last building week: gentle, and a week longer to the peak.',
  },
  'one-step-above': {
    title: 'One step above',
    why: 'A step above the last building week: quicker to the peak, by a larger jump.',
  },
} as const satisfies Record<string, School>;

export type RecoveryCadenceName = keyof typeof recoveryCadences;
