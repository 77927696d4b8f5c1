import { at } from "../../data";
import { length, phrase } from "../../draft";
import { boxOf, distance } from "../../geometry";
import { armOf } from "../body/arm";
import { along } from "../place";
import { placeOnPiece } from "../sewing/assembly";
import { sideEdgeOf } from "../sewing/plan";
import type { Worn } from "../worn";
import type { WornHalf } from "../worn-half";
import { collarReads } from "./collar-reads";
import { foldedness, pointsWhere } from "./folds";
import { type Line, levelLine, loopOf } from "./slice";
import { hemInMiddle, stanceReads } from "./stance-reads";
import { placesOn, type ToldRead, type WornRead, withSpread } from "./worn-read";

/** Everything that is read off a toile. Nothing is read off one with a fault: none of it would be so on a person. */
export function readsOf(worn: Worn): readonly ToldRead[] {
  if (worn.report.faults.length > 0) return [];
  const ofArms = eachArm(worn, (half) => [...roomRoundArm(half), ...foldReads(half)]);
  return [...roomRound(worn), ...ofArms, ...collarReads(worn), ...stanceReads(worn)].map(withSpread);
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

/**
 * Room round the body: the worn cloth in the closed loop that its level cuts, less the body. Foretold is the level line of the flat pieces: not
 * what the worn loop is in them, which runs up and down with the folds.
 */
function roomRound(worn: Worn): readonly WornRead[] {
  const halves = [worn, worn.left ?? worn];
  return worn.trunk.figures.levels.flatMap(({ id, y, girth }): readonly WornRead[] => {
    // Above the underarm a level goes round the arms as well.
    if (halves.some((half) => (underarmOf(half) ?? 0) < CLEAR_OF_ARM_MM - y)) return [];
    const plane = { on: [0, -y / 1000, 0], way: [0, 1, 0] } as const;
    const loops = halves.map((half) => loopOf(half, plane, "body", trianglesOf(half, "trunk")));
    const round = sumOf(loops.map((loop) => loop?.worn ?? null));
    if (round === null) return [];
    const flat = sumOf(halves.map((half) => flatRound(half, y)));
    return [
      {
        id: `room.${id}`,
        label: `Room at the ${LEVEL_NAMES[id]}`,
        kind: "length",
        value: round - girth,
        foretold: flat === null ? null : flat - girth,
        how: phrase`the worn cloth all round the ${LEVEL_NAMES[id]} less the body; foretold: the flat pieces along that level, their darts closed, less the body`,
      },
    ];
  });
}

/** A level is read so far below the underarm at least. */
const CLEAR_OF_ARM_MM = 5;

/** What the pieces of the bodice measure across at a level, in the flat; null where it runs into an armhole or out of a hem. */
function flatRound(half: WornHalf, y: number): number | null {
  const trunk = half.plan.pieces.flatMap(({ role, side, piece }, m) =>
    role === "trunk" && side !== null ? [{ piece, m }] : [],
  );
  const armholes = trunk.flatMap(({ piece }) => piece.edges.filter(({ role }) => role === "armhole"));
  const hems = trunk.flatMap(({ piece }) => piece.edges.filter(({ role }) => role === "hem"));
  if (armholes.length === 0 || boxOf(armholes.map(({ path }) => path)).bottom > y) return null;
  if (hems.some(({ path }) => boxOf([path]).top < y)) return null;
  return trunk.reduce((sum, { m }) => sum + levelLine(half, m, y).flat, 0);
}

const sumOf = (all: readonly (number | null)[]): number | null =>
  all.reduce((sum, one) => (sum === null || one === null ? null : sum + one), 0);

/** Which triangles are of the bodice, or of the sleeve; of a piece in one with its sleeve all are of both, and the loop tells them apart. */
function trianglesOf({ plan, assembly, folds }: WornHalf, part: "trunk" | "arm"): (triangle: number) => boolean {
  const { pieceOf, sheet } = assembly;
  return (t) => {
    const { role, piece } = at(plan.pieces, pieceOf[t] ?? 0);
    if (role !== "flat" && role !== part) return false;
    // A lapel lies over the bodice and is none of its girth.
    return !folds[pieceOf[t] ?? 0]?.beyond(placeOnPiece(piece, sheet.rest, t));
  };
}

/** So far below the cap line, where the sleeve is closed all round and the folds of its cap have ended, the upper arm is read. Millimetres. */
const BELOW_CAP_MM = 30;

/** A sleeve that is sewn in, along the level line below its cap; one in one with the bodice in the loop round the arm. */
function roundUpperArm(half: WornHalf): Line | null {
  const { meshes } = half.cut;
  const sleeves = meshes.flatMap(({ piece }, m) => (at(half.plan.pieces, m).role === "arm" ? [{ piece, m }] : []));
  const cap = sleeves.flatMap(({ piece }) =>
    piece.edges.filter(({ role }) => role === "cap" || role === "raglan" || role === "lower-cap"),
  );
  if (cap.length === 0) {
    const arm = armOf(half.trunk.figures, half.pose);
    return loopOf(
      half,
      { on: along(arm.shoulder, arm.upperWay, arm.upperLength * 0.5), way: arm.upperWay },
      "limb",
      () => true,
    );
  }
  const capLine = boxOf(cap.map(({ path }) => path)).bottom;
  const lines = sleeves.map(({ m }) => levelLine(half, m, capLine + BELOW_CAP_MM));
  const sum = (of: keyof Line) => lines.reduce((all, one) => all + one[of], 0);
  // A sleeve that ends above it has nothing to read there.
  return lines.some(({ flat }) => flat > 0) ? { worn: sum("worn"), flat: sum("flat") } : null;
}

function roomRoundArm(half: WornHalf): readonly WornRead[] {
  const arm = armOf(half.trunk.figures, half.pose);
  const { upper, elbow } = half.trunk.figures.arm;
  const places = [
    {
      id: "upperArm",
      name: "upper arm",
      girth: upper,
      line: roundUpperArm(half),
      how: phrase`the line of cloth ${length(BELOW_CAP_MM)} below the cap, as it hangs, less the arm; foretold: the same line of the flat sleeve`,
    },
    {
      id: "elbow",
      name: "elbow",
      girth: elbow,
      line: loopOf(half, { on: arm.elbow, way: arm.upperWay }, "limb", trianglesOf(half, "arm")),
      how: phrase`the worn cloth all round the elbow less the arm; foretold: the same cut through the flat sleeve`,
    },
  ];
  return places.flatMap(({ id, name, girth, line, how }): readonly WornRead[] =>
    line === null
      ? []
      : [
          {
            id: `room.${id}`,
            label: `Room at the ${name}`,
            kind: "length",
            value: line.worn - girth,
            foretold: line.flat - girth,
            how,
          },
          {
            id: `strain.${id}`,
            label: `Stretch round the ${name}`,
            kind: "share",
            value: line.worn / line.flat - 1,
            foretold: null,
            how: phrase`how much longer the cloth is there than in the flat sleeve`,
          },
        ],
  );
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
export function raisedReads(down: Worn, raised: Worn): readonly ToldRead[] {
  if (down.report.faults.length > 0 || raised.report.faults.length > 0) return [];
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
  ].map(withSpread);
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
