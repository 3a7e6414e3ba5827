/**
 * A function that remembers its last answer: asked about the same object again,
 * it gives the same one.
 *
 * Not a weak map: while a block is dragged, sixty a second are laid out and
 * dropped, and the collector of young objects keeps what a weak map holds until
 * a full collection. That cost more than it saved.
 */
export function rememberLast<K extends object, V>(work: (about: K) => V): (about: K) => V {
  let last: { about: K; answer: V } | undefined;
  return (about) => {
    if (last?.about !== about) last = { about, answer: work(about) };
    return last.answer;
  };
}
