import { type Alteration, alterBlock, type Block } from "../block";
import { type DeepenNeck, type Finding, judgeNoStand, judgeStand, type Seam, styleSeams } from "../check";
import { draftStand, joinedNeckline, type Stand, type StandTask } from "../collar";
import { composeDraft, type Draft } from "../draft";
import { findRoot } from "../geometry";
import type { Piece } from "../pattern";
import type { NamedSolution } from "../sleeve/set-in";
import type { ResolvedCollar } from "./resolve-collar";

/** A collar with everything that was asked of it. */
export type DraftedCollar = {
  readonly task: StandTask;
  readonly stand: Stand;
  readonly pieces: readonly Piece[];
  /** The block's neckline, joined at the shoulder, against the collar's neck edge. */
  readonly seam: Seam;
  readonly draft: Draft;
  readonly solvers: readonly NamedSolution[];
};

export type CollarOutcome = { readonly drafted: DraftedCollar | null; readonly findings: readonly Finding[] };

/** Drafts the stand collar on the block's neckline and judges it. */
export function draftCollar(
  { beyond, ...asked }: ResolvedCollar,
  block: Block,
  alterations: readonly Alteration[],
): CollarOutcome {
  const task: StandTask = {
    ...asked,
    neckline: { back: block.back.neckline.length, front: block.front.neckline.length, beyond },
  };
  const stand = draftStand(task);
  if (!stand) return { drafted: null, findings: [judgeNoStand(task)] };
  const [seam] = styleSeams([
    {
      id: "neckline",
      name: "Neckline",
      body: "block.neckline",
      part: "collar.neck",
      bodyName: "neckline",
      partName: "collar",
      bodyPath: joinedNeckline(block, beyond),
      partPath: stand.neckEdge,
      from: "centre back",
      to: beyond > 0 ? "edge of the button stand" : "centre front",
      mark: { name: "shoulder", bodyAt: task.neckline.back, partAt: task.neckline.back },
    },
  ]);
  if (!seam) throw new Error("draftCollar: one seam in, one seam out");
  return {
    drafted: {
      task,
      stand,
      pieces: [stand.piece],
      seam,
      draft: composeDraft("collar", "Stand collar", [...stand.acts, stand.cutting]),
      solvers: stand.solvers.flatMap(({ id, solution }) => (solution ? [{ id, solution }] : [])),
    },
    findings: judgeStand(task, stand, seam, deepenNeck(block, alterations)),
  };
}

/** Nobody deepens a neck by more for the sake of a collar. Our own limit. */
const MOST_DEEPENED_MM = 120;
const TOLERANCE_MM = 0.01;

/** The front neck is deepened until the neckline is long enough: by how much is found by trying. */
function deepenNeck(block: Block, alterations: readonly Alteration[]): DeepenNeck {
  return (longer) => {
    const half = block.front.neckline.length + longer / 2;
    const deepened = (by: number) => alterBlock(block, [{ kind: "deepen-front-neck", by }]).block.front.neckline.length;
    const root = findRoot((by) => deepened(by) - half, 0, MOST_DEEPENED_MM, TOLERANCE_MM);
    if (!root.converged) return null;
    return {
      by: root.value,
      change: { block: { alterations: [...alterations, { kind: "deepen-front-neck", by: root.value }] } },
    };
  };
}
