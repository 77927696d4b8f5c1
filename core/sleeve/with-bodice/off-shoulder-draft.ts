import { SIDES, type Side, withNeckAbove } from "../../block";
import {
  along,
  distance,
  endOf,
  evenCurve,
  lengthAtHeight,
  lerp,
  mapPath,
  mirrored,
  type Path,
  type Point,
  pathLength,
  reversePath,
  SAME_MM,
  SOLVED_MM,
  startOf,
  subpath,
} from "../../geometry";
import { foldedBeyond } from "../../pattern";
import { casingFor } from "../finish";
import type { BodiceBase, Misplaced } from "../style";
import { bodyEdge } from "./raglan-cut";
import { draftRaglan, type RaglanDraft, type RaglanOutcome } from "./raglan-draft";
import { RAGLAN_FIELDS, type RaglanLengths } from "./raglan-fields";
import { sleeveEdge } from "./shoulder-part";

/** The lengths of an off-shoulder sleeve: a raglan's line, cut across below the shoulder. Millimetres. */
export type OffShoulderLengths = Pick<
  RaglanLengths,
  "lowering" | "neckPoint" | "belowHalf" | "bowFront" | "bowBack"
> & {
  /** The upper edge, below the level of the side neck point. */
  readonly drop: number;
  readonly elasticWidth: number;
  /** What the sleeve is slashed and spread by, down its middle. */
  readonly spread: number;
  /** The sleeve's upper edge as it is to measure; nothing for what the spread makes it. */
  readonly topWidth: number;
  readonly fall: number;
};

/** An edge of a half, cut off at the upper edge: from the underarm up, and on over the fold into the casing. */
export type CutOffEdge = { readonly seam: Path; readonly top: Point; readonly casing: Path };

export type OffShoulderDraft = {
  readonly raglan: RaglanDraft;
  readonly casing: number;
  /** In block coordinates. */
  readonly body: Readonly<Record<Side, CutOffEdge & { readonly centre: Path }>>;
  /** On the sleeve where it lies, spread. */
  readonly sleeve: Readonly<Record<Side, CutOffEdge & { readonly underarm: Path }>>;
  readonly misplaced: readonly Misplaced[];
  /** What the sleeve was spread by down its middle; negative for an upper edge that was to be narrower. */
  readonly spread: number;
  /** Where the middle of the sleeve's upper edge lies below the crown. */
  readonly topLevel: number;
};

export type OffShoulderOutcome =
  | { readonly ok: true; readonly draft: OffShoulderDraft }
  | Exclude<RaglanOutcome, { readonly ok: true }>;

/** The upper edge keeps this far from the neck above it and the underarm below it. Our own limit. */
const CLEAR_MM = 12;
/** A sleeve so much longer has room for any cap; only its upper edge is looked for. */
const LONG_ENOUGH_MM = 500;
/** The over-arm is cut away again: any that closes will do. */
const OVER_ARM = { dartWidth: 19.05, dartDepth: 88.9, balanceWithin: 12.7 } as const;

/** Draws the raglan, finds where its upper edge comes to lie, and draws it again as long as asked from there. */
export function draftOffShoulder(given: BodiceBase, lengths: OffShoulderLengths): OffShoulderOutcome {
  const base = withoutDeepNeck(given, lengths.drop);
  const all = { ...lengths, ...OVER_ARM };
  const first = draftRaglan(base, all, LONG_ENOUGH_MM);
  if (!first.ok) return first;
  const missing = lacking(first.draft);
  if (missing > 0) return { ok: false, why: "no-room", misplaced: lowered(lengths.lowering, missing) };
  const { topLevel, spread } = cutAcross(first.draft, lengths);
  // Spread down its middle the sleeve is as much wider at its hem: one that was typed is drawn narrower before.
  const second = draftRaglan({ ...base, fit: (ground, longer) => base.fit(ground, longer, spread) }, all, topLevel);
  if (!second.ok) return second;
  return { ok: true, draft: cutAcross(second.draft, lengths) };
}

/** A neck that reaches below the upper edge, as a V does, is cut away with everything above it: the edge runs straight across. */
function withoutDeepNeck(base: BodiceBase, drop: number): BodiceBase {
  const [front, back] = SIDES.map((side) => withNeckAbove(base.block[side], Math.max(LEAST_NECK_MM, drop - CLEAR_MM)));
  return front && back ? { ...base, block: { ...base.block, front, back } } : base;
}

const LEAST_NECK_MM = 5;

/** Between neck and underarm there has to be room for an edge across; what is missing is found by lowering the underarm. */
function lacking(raglan: RaglanDraft): number {
  const { least, most } = roomFor(raglan);
  return least - most;
}

function lowered(lowering: number, missing: number): Misplaced {
  const least = lowering + missing + 1;
  return { field: "lowering", asked: lowering, least, most: RAGLAN_FIELDS.lowering.bounds.most, drawn: least };
}

function cutAcross(
  raglan: RaglanDraft,
  { drop, elasticWidth, spread: asked, topWidth }: OffShoulderLengths,
): OffShoulderDraft {
  const casing = casingFor(elasticWidth);
  const room = roomFor(raglan);
  const level = Math.min(room.most, Math.max(room.least, drop));
  const body = bySide((side) => {
    const edge = bodyEdge(raglan[side]);
    const { centre } = raglan[side].half;
    const down = lengthAtHeight(reversePath(edge), level);
    const seam = withoutHook(subpath(edge, 0, pathLength(edge) - down), raglan[side].meetingAt);
    const below = subpath(centre, lengthAtHeight(centre, level), pathLength(centre));
    return { seam, centre: below, ...casingAbove(seam, startOf(below), casing) };
  });
  const together = bySide((side) => {
    const edge = sleeveEdge(raglan.overArm[side]);
    const seam = asLongAs(
      pathLength(body[side].seam),
      withoutHook(subpath(edge, 0, pathLength(body[side].seam)), raglan[side].meetingAt),
    );
    return side === "front" ? seam : mapPath(seam, mirrored);
  });
  const spread = topWidth > 0 ? topWidth - distance(endOf(together.front), endOf(together.back)) : asked;
  const onSleeve = bySide((side) => apart(together[side], side, spread));
  const { underarmFront, underarmBack } = raglan.sleeve.outline;
  const [front, back] = [endOf(onSleeve.front), endOf(onSleeve.back)];
  return {
    raglan: { ...raglan, roomBeside: spread / 2 },
    casing,
    body,
    sleeve: {
      front: {
        seam: onSleeve.front,
        underarm: apart(underarmFront, "front", spread),
        ...casingAbove(onSleeve.front, back, casing),
      },
      back: {
        seam: onSleeve.back,
        underarm: apart(underarmBack, "back", spread),
        ...casingAbove(onSleeve.back, front, casing),
      },
    },
    misplaced: [
      ...raglan.misplaced,
      ...(Math.abs(level - drop) < SAME_MM ? [] : [{ field: "drop", asked: drop, ...room, drawn: level }]),
    ],
    spread,
    topLevel: lerp(front, back, 0.5).y,
  };
}

/** Where less of the raglan line than this is left above the meeting point, it would hook away from the armhole below it. Our own limit. */
const HOOKS_BELOW_MM = 38.1;
/** Such a seam is drawn on in one sweep from so far below the meeting point. Our own choice. */
const SWEEP_FROM_MM = 38.1;

/** A seam that is cut off just above its meeting point: drawn on in one sweep to its upper end, without the corner that is left there. */
function withoutHook(seam: Path, meetingAt: number): Path {
  const whole = pathLength(seam);
  if (whole <= meetingAt || whole - meetingAt >= HOOKS_BELOW_MM || meetingAt <= SWEEP_FROM_MM) return seam;
  const from = meetingAt - SWEEP_FROM_MM;
  const { point, direction } = along(seam, from);
  return [...subpath(seam, 0, from), evenCurve(point, direction, endOf(seam))];
}

/** The seam with its last curve made larger or smaller about its start, so that the whole has its length; its direction there stays. */
function asLongAs(wanted: number, seam: Path): Path {
  const [last] = seam.slice(-1);
  if (!last || Math.abs(pathLength(seam) - wanted) <= SOLVED_MM) return seam;
  const before = seam.slice(0, -1);
  const factor = (wanted - pathLength(before)) / pathLength([last]);
  return [...before, ...mapPath([last], (p) => lerp(last[0], p, factor))];
}

/** Slashed down the middle, the halves of the sleeve move apart, each by half. */
function apart(path: Path, side: Side, spread: number): Path {
  const by = (side === "front" ? spread : -spread) / 2;
  return mapPath(path, (p) => ({ x: p.x + by, y: p.y }));
}

/** Between the necks above and the underarms below. */
function roomFor(raglan: RaglanDraft): { readonly least: number; readonly most: number } {
  const tops = SIDES.flatMap((side) => [raglan[side].neckPoint.y, startOf(raglan[side].half.centre).y]);
  const bottoms = SIDES.map((side) => endOf(raglan[side].half.armhole.path).y);
  const least = Math.max(...tops) + CLEAR_MM;
  return { least, most: Math.min(...bottoms) - CLEAR_MM };
}

function casingAbove(seam: Path, towards: Point, depth: number): { readonly top: Point; readonly casing: Path } {
  return { top: endOf(seam), casing: foldedBeyond(seam, towards, depth) };
}

function bySide<T>(of: (side: Side) => T): Readonly<Record<Side, T>> {
  return { front: of("front"), back: of("back") };
}
