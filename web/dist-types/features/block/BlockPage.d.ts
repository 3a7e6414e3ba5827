/** A block on the desk: drawing over ledger over days, checks at the right. */
export declare function BlockPage(): import('react').JSX.Element;
