/** What cannot be laid out: where it stands in the spec, and what to do. */
export interface Issue {
  code: string;
  /** Path in the block file, e.g. `['pins', 0, 'week']`. */
  path: (string | number)[];
  message: string;
}

export function issue(code: string, path: (string | number)[], message: string): Issue {
  return { code, path, message };
}
