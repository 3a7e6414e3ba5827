/** Query of the page that a sign-out opens: the demo's door waits to be asked. */
export declare const SIGNED_OUT = '?signed-out';
/**
 * Opens the page anew after a sign-in or sign-out: nothing that one coach
 * fetched stays in memory for the next. Unsaved work waits in its draft.
 */
export declare function openFreshPage(address?: string): void;
