/** What cannot be laid out: where it stands in the wishes, and what to do. */
export interface Problem {
  code: string;
  /** Path in the block file, e.g. `['pins', 0, 'week']`. */
  path: (string | number)[];
  message: string;
}

export function problem(code: string, path: (string | number)[], message: string): Problem {
  return { code, path, message };
}
