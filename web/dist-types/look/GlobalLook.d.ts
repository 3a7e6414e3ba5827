/** The page itself: tokens as CSS variables, tabular figures, a focus that can be seen. */
export declare function GlobalLook({
  mode,
}: {
  mode: 'light' | 'dark';
}): import('react').JSX.Element;
