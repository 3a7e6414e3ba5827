/** A `ref` of what opens in place: it is scrolled to where it is seen, and no further. */
export function intoView(opened: HTMLElement | null): void {
  opened?.scrollIntoView({ block: 'nearest' });
}
