import { type ReactNode } from 'react';
/** A question with its answer's field and the reason beside it. */
export declare function Field({
  label,
  because,
  problem,
  children,
}: {
  label: string;
  because?: string | undefined;
  problem?: string | undefined;
  children: (ids: { id: string; describedBy: string }) => ReactNode;
}): import('react').JSX.Element;
