import { at } from "../../data";
import { type Phrase, phrase } from "../../draft";
import { armOf } from "../body/arm";
import type { Worn } from "../wear";
import { foldedness, pointsWhere } from "./folds";
import { sliceOf } from "./slice";

/** A figure that is read off the worn toile, beside what the draft foretold for it where it foretells one. Millimetres, degrees or shares. */
export type WornRead = {
  readonly id: string;
  readonly label: string;
  readonly kind: "length" | "degrees" | "share";
  readonly value: number;
  readonly foretold: number | null;
  readonly how: Phrase;
};

const isTrunk =
  ({ plan }: Worn) =>
  (m: number) =>
    ["trunk", "flat"].includes(at(plan.pieces, m).role);
const isArm =
  ({ plan }: Worn) =>
  (m: number) =>
    ["arm", "flat"].includes(at(plan.pieces, m).role);

/** Everything that is read off a toile. Nothing is read off one that is tangled: none of it would be so on a person. */
export function readsOf(worn: Worn): readonly WornRead[] {
  if (worn.report.isTangled) return [];
  return [...roomRound(worn), ...roomRoundArm(worn), ...collarReads(worn), ...hemReads(worn), ...foldReads(worn)];
}

const LEVEL_NAMES = { bust: "bust", waist: "waist", hip: "hip" } as const;

/** Room round the body: the cloth at the level, along its folds, less the body. */
function roomRound(worn: Worn): readonly WornRead[] {
  const { figures } = worn.trunk;
  // A sleeve in one with the bodice is left out where it leaves the trunk.
  const most = figures.tip.x / 1000 + 0.05;
  return figures.levels.flatMap(({ id, y, girth }): readonly WornRead[] => {
    const slice = sliceOf(worn, { on: [0, -y / 1000, 0], way: [0, 1, 0] }, isTrunk(worn), (x) => x < most);
    if (slice.triangles.length < LEAST_CUT) return [];
    return [
      {
        id: `room.${id}`,
        label: `Room at the ${LEVEL_NAMES[id]}`,
        kind: "length",
        value: 2 * slice.worn - girth,
        foretold: 2 * slice.flat - girth,
        how: phrase`the worn cloth round the ${LEVEL_NAMES[id]} less the body; foretold: the same cut through the flat pieces`,
      },
    ];
  });
}

/** A cut that meets fewer triangles is beside the cloth. */
const LEAST_CUT = 6;

function roomRoundArm(worn: Worn): readonly WornRead[] {
  const arm = armOf(worn.trunk.figures, worn.pose);
  const { upper, elbow } = worn.trunk.figures.arm;
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
    const on = [0, 1, 2].map((k) => (from[k] ?? 0) + (way[k] ?? 0) * by) as unknown as readonly [
      number,
      number,
      number,
    ];
    const isNear = (x: number, y: number, z: number) => Math.hypot(x - on[0], y - on[1], z - on[2]) < NEAR_ARM;
    const slice = sliceOf(worn, { on, way }, isArm(worn), isNear);
    if (slice.triangles.length < LEAST_CUT) return [];
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

/** The place of a point of an edge of a piece, from its start. */
function placesOn(worn: Worn, piece: string, edge: string): readonly (readonly [number, number, number])[] {
  const m = worn.cut.meshes.findIndex((mesh) => mesh.piece.id === piece);
  const points = m < 0 ? [] : (at(worn.cut.meshes, m).edges.get(edge) ?? []);
  return points.map(({ point }) => {
    const q = (at(worn.cut.first, m) + point) * 3;
    return [worn.local[q] ?? 0, worn.local[q + 1] ?? 0, worn.local[q + 2] ?? 0] as const;
  });
}

/** Where the collar's edge lies below the neck seam, and how far its stand is off the neck. */
function collarReads(worn: Worn): readonly WornRead[] {
  const has = (id: string) => worn.cut.meshes.some(({ piece }) => piece.id === id);
  if (!has("collar")) return standReads(worn, has);
  const neck = has("collarStand") ? placesOn(worn, "collarStand", "neck") : placesOn(worn, "collar", "backNeck");
  const outer = placesOn(worn, "collar", "outer");
  const back = (places: readonly (readonly [number, number, number])[]) =>
    places.reduce<readonly [number, number, number] | null>((best, p) => (!best || p[2] < best[2] ? p : best), null);
  const [seam, edge] = [back(neck), back(outer)];
  if (!seam || !edge) return [];
  return [
    {
      id: "collar.cover.back",
      label: "Collar’s edge below the neck seam, centre back",
      kind: "length",
      value: (seam[1] - edge[1]) * 1000,
      foretold: foretoldCover(worn),
      how: phrase`how much lower the outer edge hangs than the neck seam; foretold: fall less stand on the centre back`,
    },
    {
      id: "collar.cover.round",
      label: "Collar’s edge below the neck point, mean all round",
      kind: "length",
      value: -meanHeight(outer) * 1000,
      foretold: null,
      how: phrase`how far the outer edge lies below where neck and shoulder of the body meet; an edge that is let out too little lies higher, one let out too much lower`,
    },
    ...standReads(worn, has),
  ];
}

const meanHeight = (places: readonly (readonly [number, number, number])[]) =>
  places.reduce((sum, [, y]) => sum + y, 0) / places.length;

/** Fall less stand, along the centre back of the pieces. */
function foretoldCover({ cut }: Worn): number | null {
  const centreOf = (id: string) =>
    cut.meshes.find(({ piece }) => piece.id === id)?.piece.edges.find((one) => one.id === "centreBack")?.length;
  const [stand, collar] = [centreOf("collarStand"), centreOf("collar")];
  if (collar === undefined) return null;
  if (stand !== undefined) return collar - stand;
  const piece = cut.meshes.find((mesh) => mesh.piece.id === "collar")?.piece;
  const fold = piece?.lines?.find(({ name }) => name === "Fold of the stand")?.path[0]?.[0];
  const foot = piece?.edges.find(({ id }) => id === "centreBack")?.path.at(-1)?.[3];
  if (!fold || !foot) return null;
  const height = Math.hypot(fold.x - foot.x, fold.y - foot.y);
  return collar - 2 * height;
}

function standReads(worn: Worn, has: (id: string) => boolean): readonly WornRead[] {
  if (!has("collarStand")) return [];
  const normal = new Float64Array(3);
  const offs = placesOn(worn, "collarStand", "upper").map(([x, y, z]) => worn.trunk.solid(x, y, z, normal) * 1000);
  if (offs.length === 0) return [];
  return [
    {
      id: "stand.offNeck",
      label: "Top of the stand off the neck",
      kind: "length",
      value: offs.reduce((sum, off) => sum + off, 0) / offs.length,
      foretold: null,
      how: phrase`the mean distance of the stand’s upper edge from the neck, all round`,
    },
  ];
}

/** Where the hem hangs, at both centres and the side. */
function hemReads(worn: Worn): readonly WornRead[] {
  const lowest = (side: "front" | "back", middle: boolean) => {
    const ys = worn.plan.pieces.flatMap((one, m) => {
      if (one.side !== side) return [];
      const mesh = at(worn.cut.meshes, m);
      return mesh.points.flatMap((_, i) => {
        const q = (at(worn.cut.first, m) + i) * 3;
        const isMiddle = Math.abs(worn.local[q] ?? 0) < 1e-6;
        return isMiddle === middle ? [worn.local[q + 1] ?? 0] : [];
      });
    });
    return ys.length === 0 ? null : Math.min(...ys) * 1000;
  };
  const [front, back] = [lowest("front", true), lowest("back", true)];
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

/** How sharply the cloth is folded below the underarm. How far a crown puckers is not to be read off: chance moves it more than ease does. */
function foldReads(worn: Worn): readonly WornRead[] {
  const sleeve = worn.cut.meshes.find(({ piece }) => piece.id === "sleeve")?.piece;
  if (!sleeve) return [];
  const capLine = Math.max(
    ...sleeve.edges.filter(({ id }) => id.startsWith("cap")).flatMap(({ path }) => path.map(([, , , p]) => p.y)),
    0,
  );
  if (!(capLine > 0)) return [];
  const widest = Math.max(...sleeve.outline.map(([, , , p]) => Math.abs(p.x)));
  const under = pointsWhere(
    worn,
    (id, x, y) => id === "sleeve" && y > capLine - 60 && y < capLine + 120 && Math.abs(x) > widest * 0.45,
  );
  return [
    {
      id: "folds.underarm",
      label: "Folds of the sleeve below the underarm",
      kind: "degrees",
      value: foldedness(worn, (point) => under.has(point)),
      foretold: null,
      how: phrase`how far the cloth turns from triangle to triangle, root mean square; to be compared only with a toile of the same fineness`,
    },
  ];
}

/** What raising the arm does: two toiles of one garment, the arm down and raised. */
export function raisedReads(down: Worn, raised: Worn): readonly WornRead[] {
  if (down.report.isTangled || raised.report.isTangled) return [];
  const strain = (worn: Worn) => readsOf(worn).find(({ id }) => id === "strain.upperArm")?.value ?? null;
  const lift = hemLift(down, raised);
  const [before, after] = [strain(down), strain(raised)];
  const [low, high] = [underarmOf(down), underarmOf(raised)];
  const under = low === null || high === null ? null : high - low;
  return [
    ...(lift === null
      ? []
      : [
          {
            id: "raise.hem",
            label: "Hem lifts as the arm rises, centre front",
            kind: "length" as const,
            value: lift,
            foretold: null,
            how: phrase`the height of the hem at the centre front with the arm raised less that with the arm down`,
          },
        ]),
    ...(under === null
      ? []
      : [
          {
            id: "raise.underarm",
            label: "Underarm lifts as the arm rises",
            kind: "length" as const,
            value: under,
            foretold: null,
            how: phrase`the height of the top of the side seam with the arm raised less that with the arm down`,
          },
        ]),
    ...(before === null || after === null
      ? []
      : [
          {
            id: "raise.upperArm",
            label: "Stretch round the upper arm as it rises",
            kind: "share" as const,
            value: after - before,
            foretold: null,
            how: phrase`the stretch round the upper arm with the arm raised less that with the arm down`,
          },
        ]),
  ];
}

/** The height of the top of the side seam, in millimetres. */
function underarmOf(worn: Worn): number | null {
  const side = worn.plan.pieces.find((one) => one.side === "front" && one.piece.edges.some(({ id }) => id === "side"));
  const [top] = side ? placesOn(worn, side.piece.id, "side") : [];
  return top ? top[1] * 1000 : null;
}

/** Null for a front that hangs open: it has no place in the middle. */
function hemLift(down: Worn, raised: Worn): number | null {
  const low = (worn: Worn) => {
    const ys = worn.plan.pieces.flatMap((one, m) =>
      one.side !== "front"
        ? []
        : at(worn.cut.meshes, m).points.flatMap((_, i) => {
            const q = (at(worn.cut.first, m) + i) * 3;
            return Math.abs(worn.local[q] ?? 0) < 1e-6 ? [worn.local[q + 1] ?? 0] : [];
          }),
    );
    return ys.length === 0 ? null : Math.min(...ys) * 1000;
  };
  const [before, after] = [low(down), low(raised)];
  return before === null || after === null ? null : after - before;
}
