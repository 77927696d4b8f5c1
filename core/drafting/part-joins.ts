import type { EdgeRef, EdgeRun, Join, SeamRule } from "../pattern";
import type { EdgeResolver } from "./edge-resolver";

/**
 * The seams that sleeve and collar bring along, by the edges as they were cut. Of several rules with one id, which are ways of making one
 * seam, those come out whose edges are there; `brought` are seams of pieces that are there, whose edges have to be there as well: a
 * RangeError names one that is not.
 */
export function partJoins(
  ways: readonly SeamRule[],
  brought: readonly SeamRule[],
  resolve: EdgeResolver,
  has: { readonly edge: (run: EdgeRun) => boolean; readonly piece: (id: string) => boolean },
): readonly Join[] {
  const runs = (refs: readonly EdgeRef[]) =>
    refs.flatMap((ref) => {
      const found = resolve(ref);
      return ref.isOptional ? found.filter(has.edge) : found;
    });
  const join = (rule: SeamRule): Join => ({ ...rule, body: runs(rule.body), part: runs(rule.part), marks: [] });
  const whole = brought.map(join).filter(({ id, body, part }) => {
    const all = [...body, ...part];
    if (!all.every(({ piece }) => has.piece(piece))) return false;
    const missing = all.find((run) => !has.edge(run));
    if (missing) throw new RangeError(`partJoins: ${id} joins ${missing.piece}.${missing.edge}, which is not there`);
    return true;
  });
  return [...ways.map(join), ...whole];
}
