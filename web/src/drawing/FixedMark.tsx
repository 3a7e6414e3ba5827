import { token } from '../theme/tokens.js';

/** A solid square: a figure that the coach fixed. The same in drawing, Ledger and day. */
export function FixedMark({ x, y }: { x: number; y: number }) {
  return <rect x={x - 3} y={y - 3} width={6} height={6} fill={token('ink')} aria-hidden="true" />;
}
