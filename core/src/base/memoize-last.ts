/**
 * A function that remembers its last answer: asked about the same object again,
 * it gives the same one.
 *
 * Not a weak map: while a block is dragged, sixty a second are laid out and
 * dropped, and V8 keeps what a weak map holds until a full collection, over
 * the quick ones between.
 */
export function memoizeLast<K extends object, V>(work: (about: K) => V): (about: K) => V {
  let last: { about: K; answer: V } | undefined;
  return (about) => {
    if (last?.about !== about) last = { about, answer: work(about) };
    return last.answer;
  };
}
