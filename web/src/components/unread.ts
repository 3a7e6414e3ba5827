/**
 * Goes to the first field of a form that holds what cannot be read: kept all the same, the
 * answer before it would be kept in its place, in silence.
 *
 * @returns false where every field is read
 */
export function goesToUnread(form: HTMLFormElement): boolean {
  const field = form.querySelector<HTMLElement>('[data-unread] input');
  // A field says what is wrong with it once it is left.
  field?.blur();
  field?.focus();
  return field !== null;
}
