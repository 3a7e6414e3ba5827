/** Paper, ink and one warm signal: every colour of the application, light and dark. */
export interface Tokens {
  paper: string;
  panel: string;
  rail: string;
  railInk: string;
  ink: string;
  muted: string;
  hairline: string;
  /** Volume of weeks done and of weeks to come. */
  done: string;
  toCome: string;
  /** Long runs of weeks done and of weeks to come. */
  long: string;
  longToCome: string;
  signal: string;
  legs: string;
  legsBand: string;
  lit: string;
}

export const light: Tokens = {
  paper: '#faf7ee',
  panel: '#f2eddf',
  rail: '#26323a',
  railInk: '#ece6d6',
  ink: '#22282e',
  muted: '#5c5f60',
  hairline: '#dad3c1',
  done: '#d9cdae',
  toCome: '#eee7d4',
  long: '#2d5a57',
  longToCome: '#7e9d96',
  signal: '#b03a17',
  legs: '#2b4b63',
  legsBand: '#c9d3d6',
  lit: '#f6dfcf',
};

export const dark: Tokens = {
  paper: '#181c20',
  panel: '#20262b',
  rail: '#101417',
  railInk: '#d8d2c3',
  ink: '#ebe5d6',
  muted: '#aaa698',
  hairline: '#3a4046',
  done: '#5a5039',
  toCome: '#302e27',
  long: '#86bdb4',
  longToCome: '#54756f',
  signal: '#f2936b',
  legs: '#9cc0d8',
  legsBand: '#33424c',
  lit: '#4a3327',
};

export type TokenName = keyof Tokens;

/** A token as a CSS variable, for drawings and styles: `ink` → `var(--nadir-ink)`. */
export function token(name: TokenName): string {
  return `var(--nadir-${name})`;
}

export function tokenVariables(tokens: Tokens): Record<string, string> {
  return Object.fromEntries(
    Object.entries(tokens).map(([name, value]) => [`--nadir-${name}`, value]),
  );
}
