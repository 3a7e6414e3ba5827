/** Of a name in plain type, in pixels. */
export const LETTERING = { letter: 6.2, gap: 8 } as const;
