/** The frame of every view: theme, session, rail. Without a session, the sign-in. */
export declare function Shell(): import('react').JSX.Element;
