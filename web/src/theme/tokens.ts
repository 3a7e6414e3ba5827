/** The colours of `tokens.css`. */
export type TokenName =
  | 'paper'
  | 'panel'
  | 'field'
  | 'rail'
  | 'railInk'
  | 'railMark'
  | 'ink'
  | 'muted'
  | 'hairline'
  | 'done'
  | 'toCome'
  | 'long'
  | 'longToCome'
  | 'signal'
  | 'legs'
  | 'legsBand'
  | 'lit';

/** A token as a CSS variable, for drawings and styles: `ink` → `var(--nadir-ink)`. */
export function token(name: TokenName): string {
  return `var(--nadir-${name})`;
}
