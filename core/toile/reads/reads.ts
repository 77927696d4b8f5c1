import { at } from "../../data";
import { phrase } from "../../draft";
import { armOf } from "../body/arm";
import { along, placeIn } from "../place";
import type { Worn } from "../wear";
import { collarReads } from "./collar-reads";
import { foldedness, pointsWhere } from "./folds";
import { sliceOf } from "./slice";
import { placesOn, type WornRead } from "./worn-read";

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
    const on = along(from, way, by);
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

/** How high the hem hangs in the middle of the body, in millimetres; null for a side that hangs open, which has no place there. */
function hemInMiddle({ plan, cut, local }: Worn, side: "front" | "back"): number | null {
  const ys = plan.pieces.flatMap((one, m) => {
    if (one.side !== side) return [];
    const places = at(cut.meshes, m).points.map((_, i) => placeIn(local, at(cut.first, m) + i));
    return places.flatMap(([x, y]) => (Math.abs(x) < IN_MIDDLE ? [y] : []));
  });
  return ys.length === 0 ? null : Math.min(...ys) * 1000;
}

/** What lies nearer to the middle of the body lies in it. Metres. */
const IN_MIDDLE = 1e-6;

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

function hemLift(down: Worn, raised: Worn): number | null {
  const [before, after] = [hemInMiddle(down, "front"), hemInMiddle(raised, "front")];
  return before === null || after === null ? null : after - before;
}
