import type { ReactNode, SVGProps } from 'react';
import { type TokenName, token } from '../theme/tokens.js';

/** Words on a drawing, with a rim of the paper they stand on: no line ever crosses a figure. */
export function Halo({
  on = 'paper',
  children,
  ...text
}: SVGProps<SVGTextElement> & { on?: TokenName; children: ReactNode }) {
  return (
    <text strokeWidth={3} {...text} paintOrder="stroke" stroke={token(on)} strokeLinejoin="round">
      {children}
    </text>
  );
}
