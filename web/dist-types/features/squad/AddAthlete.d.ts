/** A new athlete in one line; the facts for a block are asked for with the block. */
export declare function AddAthlete({ onDone }: { onDone: () => void }): import('react').JSX.Element;
