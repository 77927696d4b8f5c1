/** The item at a place of a list that is known to have one; a place that it has not is a broken contract. */
export function at<Item>(list: readonly Item[], index: number): Item {
  const item = list[index];
  if (item === undefined) throw new RangeError(`at: no item ${index} in a list of ${list.length}`);
  return item;
}
