/**
 * The demo's door stands open: whoever comes is its coach, and lands on the
 * first block. Only who has just signed out is asked.
 */
export declare function DemoDoor(): import('react').JSX.Element;
