import type { ReactNode } from 'react';
/** The strip over every view: its title, what it is about, and what can be done. */
export declare function TopStrip({
  title,
  detail,
  middle,
  children,
}: {
  title: string;
  detail?: string;
  middle?: ReactNode;
  children?: ReactNode;
}): import('react').JSX.Element;
