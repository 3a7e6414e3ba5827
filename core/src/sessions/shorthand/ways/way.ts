/** A way to write that is plain on a blackboard, and how that is written here. */
export type Way = readonly [way: RegExp, here: string | ((...found: string[]) => string)];
