/** The way around: Squad, the block on the desk, settings, out. */
export declare function Rail(): import('react').JSX.Element;
