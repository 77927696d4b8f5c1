/**
 * A pure function of one record whose answer is kept for as long as the record is: asked again with the same record, it does no work. For
 * records that nobody changes, as all of a draft are.
 */
export function remembered<Key extends object, Answer>(work: (key: Key) => Answer): (key: Key) => Answer {
  const known = new WeakMap<Key, { readonly answer: Answer }>();
  return (key) => {
    const before = known.get(key);
    if (before) return before.answer;
    const answer = work(key);
    known.set(key, { answer });
    return answer;
  };
}
