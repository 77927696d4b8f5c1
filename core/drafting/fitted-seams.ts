import {
  type EdgeFinder,
  type EdgeRun,
  hasEdges,
  joinedSeam,
  marksOf,
  nameOf,
  type Piece,
  runOf,
  type Seam,
  type SeamRule,
} from "../pattern";
import type { DraftedCollar } from "./draft-collar";
import type { DraftedSleeve } from "./draft-sleeve";
import type { EdgeResolver } from "./edge-resolver";

/** The front as the collar alone has it, where it could not be made one with the sleeve's. */
export function secondFront({ pieces }: DraftedCollar): readonly Piece[] {
  return pieces
    .filter(({ id }) => id === "front")
    .map((piece) => ({ ...piece, id: SECOND_FRONT, name: "Front with the collar" }));
}

const SECOND_FRONT = "frontWithCollar";
/** The edges that only a collar draws. */
const OF_COLLAR: readonly string[] = ["neck", "gorge", "backNeck"];

export type FittedSeam = {
  readonly seam: Seam;
  readonly body: readonly EdgeRun[];
  readonly part: readonly EdgeRun[];
};

/** The seams of sleeve and collar, with the body's edges as they were cut, in the direction of the seam. */
export function seamsOf(
  sleeve: DraftedSleeve | null,
  collar: DraftedCollar | null,
  resolve: EdgeResolver,
  ofNeck: EdgeResolver,
  find: EdgeFinder,
  isFrontCutTwice: boolean,
): readonly FittedSeam[] {
  const ofCollar = (collar?.seams ?? []).map((seam) => (isFrontCutTwice ? onSecondFront(seam) : seam));
  return [...(sleeve?.seams ?? []), ...ofCollar].map((seam) => {
    // A collar names the neckline's halves as the sleeve leaves them; only a lapel's own neck does not.
    const body = seam.bodyEdges.flatMap((name) =>
      name === "front.neck"
        ? ofNeck({ ...runOf(name), isAgainst: true })
        : resolve({ ...runOf(name), isAgainst: runsUp(seam, name) }),
    );
    const part = seam.partEdges.flatMap((name) => resolve(runOf(name)));
    if (seam.kind === "side") return { seam: throughTheSide(seam, body, part, find), body, part };
    return { seam: { ...seam, bodyEdges: body.map(nameOf), partEdges: part.map(nameOf) }, body, part };
  });
}

/** Underarm and side in one run down to the hem, which the bodice may have raised since. */
function throughTheSide(seam: Seam, body: readonly EdgeRun[], part: readonly EdgeRun[], find: EdgeFinder): Seam {
  const [first] = seam.sections;
  const { name, bodyName, partName, id, kind } = seam;
  const ends = { from: first?.from ?? "", to: seam.sections[seam.sections.length - 1]?.to ?? "" };
  const join = { id, kind, name, bodyName, partName, body, part, ...ends, marks: marksOf(seam) };
  return hasEdges(join, find) ? { ...joinedSeam(join, find), target: seam.target } : seam;
}

/** Seams that begin at the underarm run against the outline, and so does a neckline once it is past the shoulder. */
function runsUp({ kind }: Seam, name: string): boolean {
  if (kind === "armhole" || kind === "raglan") return true;
  return kind === "neck" && name.startsWith("front.");
}

/** The seams that a collar brings along, on the front as the collar alone has it. */
export function joinsOnSecondFront(rules: readonly SeamRule[]): readonly SeamRule[] {
  const moved = (refs: SeamRule["body"]) =>
    refs.map((ref) => (ref.piece === "front" ? { ...ref, piece: SECOND_FRONT } : ref));
  return rules.map((rule) => ({ ...rule, body: moved(rule.body), part: moved(rule.part) }));
}

function onSecondFront(seam: Seam): Seam {
  const rename = (name: string) => {
    const [piece = "", id = ""] = name.split(".");
    return piece === "front" && OF_COLLAR.includes(id) ? `${SECOND_FRONT}.${id}` : name;
  };
  return {
    ...seam,
    body: rename(seam.body),
    part: rename(seam.part),
    bodyEdges: seam.bodyEdges.map(rename),
    partEdges: seam.partEdges.map(rename),
  };
}
