import type { ReactNode } from 'react';
/** What went wrong, what was kept, and a way on. */
export declare function ErrorNote({
  children,
  onRetry,
}: {
  children: ReactNode;
  onRetry?: () => void;
}): import('react').JSX.Element;
