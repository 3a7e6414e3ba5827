import { type ReactNode, useId } from 'react';
import { token } from '../theme/tokens.js';

/** A question with its answer's field and the reason beside it. */
export function Field({
  label,
  because,
  problem,
  children,
}: {
  label: string;
  because?: string | undefined;
  problem?: string | undefined;
  children: (ids: { id: string; describedBy: string }) => ReactNode;
}) {
  const id = useId();
  const describedBy = `${id}-because`;
  return (
    <div className="field">
      <label htmlFor={id}>{label}</label>
      <div>{children({ id, describedBy })}</div>
      <p
        id={describedBy}
        role={problem ? 'alert' : undefined}
        style={{ color: token(problem ? 'signal' : 'muted') }}
      >
        {problem ?? because}
      </p>
    </div>
  );
}
