import type { Bodice } from "../bodice";
import {
  type EdgeFinder,
  type EdgeRun,
  hasEdges,
  joinedSeam,
  marksOf,
  type NeckEdges,
  nameOf,
  type Piece,
  runOf,
  type Seam,
} from "../pattern";
import type { DraftedCollar } from "./draft-collar";
import type { DraftedSleeve } from "./draft-sleeve";
import type { Expand } from "./part-joins";

/** The front as the collar alone has it, where it could not be made one with the sleeve's. */
export function secondFront({ pieces }: DraftedCollar): readonly Piece[] {
  return pieces
    .filter(({ id }) => id === "front")
    .map((piece) => ({ ...piece, id: SECOND_FRONT, name: "Front with the collar" }));
}

const SECOND_FRONT = "frontWithCollar";
/** The edges that only a collar draws. */
const OF_COLLAR: readonly string[] = ["neck", "gorge", "backNeck"];

/** How a name of an edge is written out: the pieces it came to lie on, the end of a strip that stands for it, or itself. */
export function expander(bodice: Bodice | null, pieces: readonly Piece[]): Expand {
  // Asked for some hundred names in every frame of a drag.
  const names = new Set(pieces.flatMap(({ id, edges }) => edges.map((one) => `${id}.${one.id}`)));
  const has = (name: string) => names.has(name);
  const standIns = STAND_INS.filter(({ by }) => has(by) || (bodice?.edges.has(by) ?? false));
  return (signed) => {
    const isAgainst = signed.startsWith("-");
    const name = isAgainst ? signed.slice(1) : signed;
    const standIn = has(name) ? undefined : standIns.find(({ of }) => of === name);
    const known = (one: string) => bodice?.edges.get(one) ?? (has(one) ? [one] : null);
    // An edge with a dart in it lies in two parts, either side of its mouth.
    const parts = PARTS_OF_ONE.flatMap((part) => known(`${name}${part}`) ?? []);
    const runs = (known(standIn?.by ?? name) ?? (parts.length > 0 ? parts : [standIn?.by ?? name])).map(runOf);
    const turned = standIn?.isTurned ? !isAgainst : isAgainst;
    return turned ? [...runs].reverse().map((run) => ({ ...run, isAgainst: !run.isAgainst })) : runs;
  };
}

/** Above and below the mouth of a dart, or from the centre to it and on from it. */
const PARTS_OF_ONE = ["Upper", "Lower", "Inner", "Outer"] as const;

/** What a collar calls by the block stands on a piece of its own: the top of a button stand on its strip, a front edge on the front's. */
const STAND_INS = [
  { of: "front.standTop", by: "buttonStand.neck", isTurned: false },
  { of: "front.frontEdge", by: "front.centre", isTurned: true },
  { of: "front.belowHem", by: "hemBand.end", isTurned: true },
] as const;

/**
 * A neckline that a sleeve took a part of, written out from the centre back: the back's own and the sleeve's, then the sleeve's and the
 * front's own, whatever the front's is called.
 */
export function alongNeck(expand: Expand, { back, front }: NeckEdges, pieces: readonly Piece[]): Expand {
  const ofFront = front.filter((name) => !name.startsWith("front."));
  if (ofFront.length === 0) return expand;
  // A collar that is grown on has an edge of its own for what the sleeve took.
  const isGrown = pieces.some(({ edges }) => edges.some(({ id }) => id === "neckToRaglan"));
  return (signed) => {
    if (signed === "back.neckline") return back.flatMap((name) => expand(name));
    if (signed === "-front.neckline" || (signed === "-front.neck" && !isGrown))
      return [...ofFront.flatMap((name) => expand(name)), ...expand(signed)];
    return expand(signed);
  };
}

export type FittedSeam = {
  readonly seam: Seam;
  readonly body: readonly EdgeRun[];
  readonly part: readonly EdgeRun[];
};

/** The seams of sleeve and collar, with the body's edges as they were cut, in the direction of the seam. */
export function seamsOf(
  sleeve: DraftedSleeve | null,
  collar: DraftedCollar | null,
  expand: Expand,
  ofNeck: Expand,
  find: EdgeFinder,
  isFrontCutTwice: boolean,
): readonly FittedSeam[] {
  const ofCollar = (collar?.seams ?? []).map((seam) => (isFrontCutTwice ? onSecondFront(seam) : seam));
  return [...(sleeve?.seams ?? []), ...ofCollar].map((seam) => {
    // A collar names the neckline's halves as the sleeve leaves them; only a lapel's own neck does not.
    const body = seam.bodyEdges.flatMap((name) =>
      name === "front.neck" ? ofNeck("-front.neck") : expand(`${runsUp(seam, name) ? "-" : ""}${name}`),
    );
    const part = seam.partEdges.flatMap((name) => expand(name));
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
