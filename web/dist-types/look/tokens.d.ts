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
export declare const light: Tokens;
export declare const dark: Tokens;
export type TokenName = keyof Tokens;
/** A token as a CSS variable, for drawings and styles: `ink` → `var(--nadir-ink)`. */
export declare function token(name: TokenName): string;
export declare function tokenVariables(tokens: Tokens): Record<string, string>;
