/**
 * Opens the page anew after a sign-in or sign-out: nothing that one coach
 * fetched stays in memory for the next. Unsaved work waits in its draft.
 */
export function openFreshPage(address = window.location.pathname): void {
  window.location.assign(address);
}
