import { at } from "../../data";
import { phrase } from "../../draft";
import { boxOf, distance } from "../../geometry";
import { armOf } from "../body/arm";
import { along, placeIn } from "../place";
import { placeOnPiece } from "../sewing/assembly";
import { sideEdgeOf } from "../sewing/plan";
import type { Worn } from "../worn";
import type { WornHalf } from "../worn-half";
import { collarReads } from "./collar-reads";
import { foldedness, pointsWhere } from "./folds";
import { sliceOf } from "./slice";
import { placesOn, type WornRead } from "./worn-read";

/** Everything that is read off a toile. Nothing is read off one that is tangled: none of it would be so on a person. */
export function readsOf(worn: Worn): readonly WornRead[] {
  if (worn.report.isTangled) return [];
  const ofArms = eachArm(worn, (half) => [...roomRoundArm(half), ...foldReads(half)]);
  return [...roomRound(worn), ...ofArms, ...collarReads(worn), ...hemReads(worn)];
}

/** What is read at an arm: once where both are alike, else at each. */
function eachArm(worn: Worn, of: (half: WornHalf) => readonly WornRead[]): readonly WornRead[] {
  if (!worn.left) return of(worn);
  const sides = [
    { half: worn, suffix: "", name: "right arm" },
    { half: worn.left, suffix: ".left", name: "left arm" },
  ];
  return sides.flatMap(({ half, suffix, name }) =>
    of(half).map((read) => ({ ...read, id: `${read.id}${suffix}`, label: `${read.label}, ${name}` })),
  );
}

const LEVEL_NAMES = { bust: "bust", waist: "waist", hip: "hip" } as const;

/** Room round the body: the cloth at the level, along its folds, less the body. */
function roomRound(worn: Worn): readonly WornRead[] {
  const halves = [worn, worn.left ?? worn];
  return worn.trunk.figures.levels.flatMap(({ id, y, girth }): readonly WornRead[] => {
    const slices = halves.map((half) =>
      sliceOf(half, { on: [0, -y / 1000, 0], way: [0, 1, 0] }, trianglesOf(half, "trunk")),
    );
    if (slices.some(({ triangles }) => triangles < LEAST_CUT) || !halves.every((half) => goesRound(half, y))) return [];
    const all = (of: "worn" | "flat") => slices.reduce((sum, slice) => sum + slice[of], 0);
    return [
      {
        id: `room.${id}`,
        label: `Room at the ${LEVEL_NAMES[id]}`,
        kind: "length",
        value: all("worn") - girth,
        foretold: all("flat") - girth,
        how: phrase`the worn cloth round the ${LEVEL_NAMES[id]} less the body; foretold: the same cut through the flat pieces`,
      },
    ];
  });
}

/** Does the cloth go all round at a level of the body? Not where a hem that is curved or raised lies above it: the cut is then a part of a girth. */
function goesRound({ plan }: WornHalf, level: number): boolean {
  const ofTrunk = plan.pieces.filter(({ role, side }) => (role === "trunk" || role === "flat") && side !== null);
  const hems = ofTrunk.flatMap(({ piece }) => piece.edges.filter(({ id }) => id === "hem"));
  return hems.every(({ path }) => boxOf([path]).top > level + RIDES_UP_MM);
}

/** Worn, a hem rides up over what fills the garment, by about so much at most. Our own limit. */
const RIDES_UP_MM = 40;

/** A cut that meets fewer triangles is beside the cloth. */
const LEAST_CUT = 6;

/** Which triangles are of the bodice, or of the sleeve. A piece in one is bodice as far out as the shoulder reaches in the flat piece. */
function trianglesOf({ plan, assembly, trunk, folds }: WornHalf, part: "trunk" | "arm"): (triangle: number) => boolean {
  const { pieceOf, sheet } = assembly;
  const end = trunk.figures.tip.x + BEYOND_TIP_MM;
  return (t) => {
    const { role, piece } = at(plan.pieces, pieceOf[t] ?? 0);
    if (role !== "flat" && role !== part) return false;
    const place = placeOnPiece(piece, sheet.rest, t);
    // A lapel lies over the bodice and is none of its girth.
    if (folds[pieceOf[t] ?? 0]?.beyond(place)) return false;
    if (role !== "flat") return true;
    return part === "trunk" ? place.x < end : place.x >= end;
  };
}

/** A sleeve in one with the bodice begins so far beyond the shoulder. Millimetres. */
const BEYOND_TIP_MM = 50;

function roomRoundArm(half: WornHalf): readonly WornRead[] {
  const arm = armOf(half.trunk.figures, half.pose);
  const { upper, elbow } = half.trunk.figures.arm;
  const places = [
    {
      id: "upperArm",
      name: "upper arm",
      from: arm.shoulder,
      way: arm.upperWay,
      by: arm.upperLength * 0.5,
      girth: upper,
    },
    { id: "elbow", name: "elbow", from: arm.elbow, way: arm.upperWay, by: 0, girth: elbow },
  ];
  return places.flatMap(({ id, name, from, way, by, girth }): readonly WornRead[] => {
    const on = along(from, way, by);
    const isNear = (x: number, y: number, z: number) => Math.hypot(x - on[0], y - on[1], z - on[2]) < NEAR_ARM;
    const slice = sliceOf(half, { on, way }, trianglesOf(half, "arm"), isNear);
    if (slice.triangles < LEAST_CUT) return [];
    const said = phrase`the worn cloth round the ${name} less the arm; foretold: the same cut through the flat sleeve`;
    return [
      {
        id: `room.${id}`,
        label: `Room at the ${name}`,
        kind: "length",
        value: slice.worn - girth,
        foretold: slice.flat - girth,
        how: said,
      },
      {
        id: `strain.${id}`,
        label: `Stretch round the ${name}`,
        kind: "share",
        value: slice.worn / slice.flat - 1,
        foretold: null,
        how: phrase`how much longer the cloth is there than in the flat sleeve; of a woven only more or less tight is to be believed, not the percent`,
      },
    ];
  });
}

/** Cloth further from the arm is not its sleeve. Metres. */
const NEAR_ARM = 0.16;

/** How high the hem hangs in the middle of the body, in millimetres; null for a side that hangs open, which has no place there. */
function hemInMiddle({ plan, cut, local }: WornHalf, side: "front" | "back"): number | null {
  const ys = plan.pieces.flatMap((one, m) => {
    if (one.side !== side) return [];
    const { edges } = at(cut.meshes, m);
    const points = one.middle.flatMap((name) => edges.get(name) ?? []);
    return points.map(({ point }) => placeIn(local, at(cut.first, m) + point)[1]);
  });
  return ys.length === 0 ? null : Math.min(...ys) * 1000;
}

/** Where the hem hangs, before and behind. */
function hemReads(worn: Worn): readonly WornRead[] {
  const [front, back] = [hemInMiddle(worn, "front"), hemInMiddle(worn, "back")];
  if (front === null || back === null) return [];
  return [
    {
      id: "hem.frontOverBack",
      label: "Hem higher in front than behind",
      kind: "length",
      value: front - back,
      foretold: null,
      how: phrase`the height of the hem at the centre front less that at the centre back`,
    },
  ];
}

/** How sharply the sleeve is folded below the underarm, and its crown beside the seam. */
function foldReads(half: WornHalf): readonly WornRead[] {
  // A sleeve of two pieces has its cap in two.
  const [mesh, another] = half.cut.meshes.filter(({ piece }) => piece.kind.worn.as === "arm");
  if (!mesh || another) return [];
  const { piece, edges, points } = mesh;
  const cap = piece.edges.filter(({ role }) => role === "cap");
  const capLine = Math.max(0, ...cap.flatMap(({ path }) => path.map(([, , , p]) => p.y)));
  if (!(capLine > 0)) return [];
  const widest = Math.max(...piece.outline.map(([, , , p]) => Math.abs(p.x)));
  const under = pointsWhere(
    half,
    (id, p) => id === piece.id && p.y > capLine - 60 && p.y < capLine + 120 && Math.abs(p.x) > widest * 0.45,
  );
  const seam = cap.flatMap(({ id }) => (edges.get(id) ?? []).map(({ point }) => at(points, point)));
  const crown = pointsWhere(
    half,
    (id, p) =>
      id === piece.id && p.y < capLine * CROWN_SHARE && seam.some((other) => distance(p, other) < BESIDE_SEAM_MM),
  );
  const read = (id: string, label: string, wanted: ReadonlySet<number>, how: WornRead["how"]): WornRead => ({
    id,
    label,
    kind: "degrees",
    value: foldedness(half, (point) => wanted.has(point)),
    foretold: null,
    how,
  });
  return [
    read(
      "folds.underarm",
      "Folds of the sleeve below the underarm",
      under,
      phrase`how far the cloth turns from triangle to triangle, root mean square; to be compared only with a toile of the same fineness`,
    ),
    read(
      "folds.crown",
      "Folds of the crown beside its seam",
      crown,
      phrase`the same over the crown, where eased cloth puckers; chance moves it by some degrees, so that only the mean of several toiles tells two sleeves apart`,
    ),
  ];
}

/** The crown is so much of the cap's height, and what lies so near its seam. */
const CROWN_SHARE = 0.6;
const BESIDE_SEAM_MM = 40;

/** What raising the arm does: two toiles of one garment, the arm down and raised. */
export function raisedReads(down: Worn, raised: Worn): readonly WornRead[] {
  if (down.report.isTangled || raised.report.isTangled) return [];
  const hem = difference(hemInMiddle(down, "front"), hemInMiddle(raised, "front"));
  const ofHem: readonly WornRead[] =
    hem === null
      ? []
      : [
          {
            id: "raise.hem",
            label: "Hem lifts as the arm rises, centre front",
            kind: "length",
            value: hem,
            foretold: null,
            how: phrase`the height of the hem at the centre front with the arm raised less that with the arm down`,
          },
        ];
  const isLeft = (half: WornHalf) => half !== raised;
  return [
    ...ofHem,
    ...eachArm(raised, (half) => {
      const before = isLeft(half) ? down.left : down;
      return before ? raisedArmReads(before, half) : [];
    }),
  ];
}

function raisedArmReads(down: WornHalf, raised: WornHalf): readonly WornRead[] {
  const strainOf = (half: WornHalf) => roomRoundArm(half).find(({ id }) => id === "strain.upperArm")?.value ?? null;
  const under = difference(underarmOf(down), underarmOf(raised));
  const strain = difference(strainOf(down), strainOf(raised));
  const ofUnderarm: readonly WornRead[] =
    under === null
      ? []
      : [
          {
            id: "raise.underarm",
            label: "Underarm lifts as the arm rises",
            kind: "length",
            value: under,
            foretold: null,
            how: phrase`the height of the top of the side seam with the arm raised less that with the arm down`,
          },
        ];
  const ofStrain: readonly WornRead[] =
    strain === null
      ? []
      : [
          {
            id: "raise.upperArm",
            label: "Stretch round the upper arm as it rises",
            kind: "share",
            value: strain,
            foretold: null,
            how: phrase`the stretch round the upper arm with the arm raised less that with the arm down`,
          },
        ];
  return [...ofUnderarm, ...ofStrain];
}

const difference = (before: number | null, after: number | null) =>
  before === null || after === null ? null : after - before;

/** The height of the top of the side seam, in millimetres. */
function underarmOf(worn: WornHalf): number | null {
  const side = worn.plan.pieces.find((one) => one.side === "front" && sideEdgeOf(one.piece));
  const edge = side && sideEdgeOf(side.piece);
  const [top] = side && edge ? placesOn(worn, side.piece.id, edge.id) : [];
  return top ? top[1] * 1000 : null;
}
