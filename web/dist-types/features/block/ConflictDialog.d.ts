/** Both versions drawn side by side, and a choice; the one not chosen stays in undo or in the history. */
export declare function ConflictDialog(): import('react').JSX.Element | null;
