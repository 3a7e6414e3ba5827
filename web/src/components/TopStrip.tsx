import type { ReactNode } from 'react';
import { token } from '../theme/tokens.js';

/** The strip over every view: its title, what it is about, and what can be done. */
export function TopStrip({
  title,
  detail,
  middle,
  children,
}: {
  title: string;
  detail?: string;
  middle?: ReactNode;
  children?: ReactNode;
}) {
  return (
    <header className="top-strip" style={{ borderBottom: `1px solid ${token('hairline')}` }}>
      <div style={{ display: 'flex', alignItems: 'baseline', gap: 16, minWidth: 0 }}>
        <h1 className="display" style={{ margin: 0, fontSize: 23, whiteSpace: 'nowrap' }}>
          {title}
        </h1>
        <span
          style={{
            color: token('muted'),
            overflow: 'hidden',
            textOverflow: 'ellipsis',
            whiteSpace: 'nowrap',
          }}
        >
          {detail}
        </span>
      </div>
      {middle}
      <div style={{ display: 'flex', alignItems: 'center', gap: 4, marginLeft: 'auto' }}>
        {children}
      </div>
    </header>
  );
}
