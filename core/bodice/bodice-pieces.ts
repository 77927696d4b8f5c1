import type { Side } from "../block";
import { backFacing, frontFacing } from "../collar/lapel/front-pieces";
import {
  boxOf,
  directionTo,
  distance,
  distanceToChain,
  endOf,
  flatten,
  lerp,
  line,
  type Path,
  type Point,
  partsInside,
  pathLength,
  reversePath,
  SEEN_MM,
  startOf,
} from "../geometry";
import {
  buttonAt,
  type Edge,
  edge,
  type HalfEdges,
  hemBand,
  KIND,
  levelLines,
  type NamedLevel,
  type NamedLine,
  type Piece,
  standStrip,
} from "../pattern";
import { casingFor } from "../sleeve/finish";
import { beyondCentre } from "./bodice-base";
import { type BodiceChoices, standWidth } from "./choices";
import { turnedUpHem } from "./hem-finish";
import {
  belowFrontNeck,
  deepBackFacing,
  facingOf,
  KNIT_SHARE,
  neckBinding,
  slitBackFacing,
  slitFacing,
  slitLine,
  wholeNeck,
} from "./neck-finish";
import { buttonsDown, grownOnStand, type Opening, plainCentre } from "./openings";
import type { Panel } from "./panel";

/** A panel finished at its centre and its hem, with its lines and its grain. */
export function panelPiece(
  panel: Panel,
  half: HalfEdges,
  choices: BodiceChoices,
  levels: readonly NamedLevel[],
  bust: number | null,
): Piece {
  const opening = openingOf(panel, half, choices, bust);
  const rightDown = panel.right.path;
  const bottom = [...panel.bottom, ...opening.bottom];
  const leftDown = reversePath(opening.left.flatMap(({ path }) => path));
  const turned = panel.endsAtWaist ? null : turnedUpHem(rightDown, leftDown, bottom, hemDepthOf(choices));
  const edges: readonly Edge[] = [
    ...opening.top,
    ...panel.top,
    panel.right,
    ...(turned?.edges ?? bottom),
    ...opening.left,
  ];
  const outline = edges.flatMap(({ path }) => path);
  const { top: highest, bottom: lowest } = boxOf([outline]);
  const isOwnLine = panel.isAtCentre && opening.buttons.length > 0;
  const centre: readonly NamedLine[] = isOwnLine
    ? [{ role: "place", name: `Centre ${panel.side}`, path: half.isEdgeOfCollar ? centreLine(half) : panel.left.path }]
    : [];
  const isSlit = panel.isAtCentre && panel.side === "back" && !panel.startsAtWaist && hasSlit(half, choices);
  const slit = isSlit ? [slitLine(panel.left.path, choices.slit)] : [];
  const buttons = opening.buttons.filter(({ at: { y } }) => y > highest && y < lowest);
  return {
    id: panel.id,
    kind: panel.side === "front" ? KIND.front : KIND.back,
    name: panel.name,
    cut: panel.isAtCentre ? opening.cut : { count: 2, mirrored: true, onFold: false, interfacing: 0 },
    edges,
    outline,
    folds: [...opening.folds, ...(turned ? [turned.fold] : []), ...half.folds],
    darts: panel.darts,
    grain: grainIn(outline, panel.darts),
    notches: half.notches.filter((notch) => isOn(notch.at, outline)),
    ...(buttons.length > 0 ? { buttons } : {}),
    lines: [...centre, ...slit, ...levelLines(outline, levels)],
  };
}

/** A slit that would open the back to its hem is none: it is told instead. */
export function hasSlit({ centre }: HalfEdges, { back, slit }: Pick<BodiceChoices, "back" | "slit">): boolean {
  return back === "slit" && slit > 0 && slit <= pathLength(centre) * MOST_SLIT_SHARE;
}

/** A slit takes at most this share of the centre back. */
const MOST_SLIT_SHARE = 0.8;

function centreLine({ half }: HalfEdges): Path {
  return half.centre;
}

function hemDepthOf({ hem, hemDepth, hemElastic }: BodiceChoices): number {
  return hem === "casing" ? casingFor(hemElastic) : hem === "plain" ? hemDepth : 0;
}

function openingOf(panel: Panel, half: HalfEdges, choices: BodiceChoices, bust: number | null): Opening {
  if (!panel.isAtCentre) {
    return { ...plainCentre(panel, "", false), left: [{ ...panel.left, path: reversePath(panel.left.path) }] };
  }
  if (panel.side === "back") {
    return plainCentre(panel, "Centre back", choices.back === "fold" || choices.back === "slit");
  }
  if (half.isEdgeOfCollar) {
    const places = half.buttons ?? (beyondCentre(half) > SEEN_MM ? buttonsDown(half.half.centre, choices, bust) : []);
    const isButtoned = choices.front === "buttons";
    const { buttonSize } = choices;
    const buttons = isButtoned ? places.map((at) => buttonAt(at, LEVEL, buttonSize)) : [];
    return { ...plainCentre(panel, "Front edge", false), buttons };
  }
  const { front, standFinish } = choices;
  if (front !== "buttons")
    return plainCentre(panel, front === "band" ? "Front edge" : "Centre front", front === "fold");
  const buttons = buttonsDown(half.centre, choices, bust).map((at) => buttonAt(at, DOWN, choices.buttonSize));
  return standFinish === "strip"
    ? { ...plainCentre(panel, "Front edge", false), buttons: [] }
    : grownOnStand(panel, choices, buttons);
}

const LEVEL = { x: 1, y: 0 };
const DOWN = { x: 0, y: 1 };

/** Does a place lie on the outline, to what is drawn? */
function isOn(p: Point, outline: Path): boolean {
  return distanceToChain(p, flatten(outline)) < ON_MM;
}

const ON_MM = 0.2;
/** The grain arrow keeps this share of its room from the edges above and below it. */
const GRAIN_MARGIN = 0.14;

/** Where an arrow may stand across the piece, as shares of its width: the middle first. */
const GRAIN_PLACES = [0.5, 0.35, 0.65, 0.22, 0.78];
/** So far from a dart is far enough. */
const CLEAR_OF_DART_MM = 25;

/** An upright arrow at the middle level of the piece, as far as it lies inside and clear of its darts. */
function grainIn(outline: Path, darts: readonly Path[]): Piece["grain"] {
  const corners = flatten(outline);
  const box = boxOf([outline]);
  const middle = (box.top + box.bottom) / 2;
  const across = longestInside(corners, { x: box.left - 1, y: middle }, { x: box.right + 1, y: middle });
  const { left, right } = boxOf(darts);
  const clearOf = (x: number) => Math.min(CLEAR_OF_DART_MM, Math.max(left - x, x - right));
  const x = GRAIN_PLACES.map((share) => lerp(...across, share).x).reduce((best, place) =>
    clearOf(place) > clearOf(best) ? place : best,
  );
  const down = longestInside(corners, { x, y: box.top - 1 }, { x, y: box.bottom + 1 });
  return { from: lerp(...down, GRAIN_MARGIN), to: lerp(...down, 1 - GRAIN_MARGIN) };
}

function longestInside(corners: readonly Point[], from: Point, to: Point): readonly [Point, Point] {
  const lengthOf = ([a, b]: readonly [Point, Point]) => distance(a, b);
  const [first, ...others] = partsInside(corners, from, to);
  return others.reduce((best, part) => (lengthOf(part) > lengthOf(best) ? part : best), first ?? [from, to]);
}

/** What is cut besides the panels: the facings of each half, and binding, button strip and hem band. */
export type SmallPieces = {
  readonly facings: Readonly<Record<Side, readonly Piece[]>>;
  readonly strips: readonly Piece[];
};

export function smallPieces(
  halves: Readonly<Record<Side, HalfEdges>>,
  choices: BodiceChoices,
  hems: { readonly front: number; readonly back: number },
): SmallPieces {
  const { front, back } = halves;
  return {
    facings: { front: frontFacings(front, choices), back: backFacings(halves, choices) },
    strips: [
      ...(choices.neck === "binding" ? [neckBinding(wholeNeck(front.half, back.half), choices.isKnit)] : []),
      ...(choices.front === "buttons" && choices.standFinish === "strip" && !front.isEdgeOfCollar
        ? [standStrip(pathLength(front.centre), standWidth(choices), choices.collarBeyond ?? 0)]
        : []),
      ...(choices.hem === "band" && choices.hemDepth > 0
        ? [hemBand(2 * (hems.front + hems.back) * (choices.isKnit ? KNIT_SHARE : 1), choices.hemDepth)]
        : []),
    ],
  };
}

/** Is the front edge finished by a facing of its own, in one with that of the neck? */
export function isFacedDown({ isEdgeOfCollar }: HalfEdges, { front, standFinish }: BodiceChoices): boolean {
  return front === "buttons" && standFinish === "faced" && !isEdgeOfCollar;
}

function frontFacings(front: HalfEdges, choices: BodiceChoices): readonly Piece[] {
  if (isFacedDown(front, choices)) return [facingDown(front, choices)];
  return choices.neck === "facing" ? [facingOf(front.half, choices.facingWidth, choices.front !== "fold")] : [];
}

function backFacings({ front, back }: Readonly<Record<Side, HalfEdges>>, choices: BodiceChoices): readonly Piece[] {
  const { neck, facingWidth } = choices;
  const isSlit = hasSlit(back, choices);
  if (neck !== "facing") return isSlit ? [slitFacing(back.half, choices.slit)] : [];
  if (choices.backFacing === "none" && !isSlit) return [];
  const isFaced = isFacedDown(front, choices);
  const width = isFaced ? front.half.shoulder.length / 2 : facingWidth;
  const isDeep = choices.backFacing === "deep";
  const level = isDeep ? belowFrontNeck(front.half) : Number.NEGATIVE_INFINITY;
  if (isSlit) return [slitBackFacing(back.half, choices.slit, width, level)];
  if (isDeep) return [deepBackFacing(back.half, level, width)];
  return isFaced
    ? [backFacing({ front: front.half, back: back.half })]
    : [facingOf(back.half, facingWidth, choices.back === "seam" || choices.back === "zip")];
}

/** The facing of a buttoned front: round the neck and down the front edge in one. */
function facingDown({ half, centre }: HalfEdges, choices: BodiceChoices): Piece {
  const stand = standWidth(choices);
  const [neck, foot] = [startOf(centre), endOf(centre)];
  const from = { x: neck.x - stand, y: neck.y };
  const down = line(from, { x: from.x, y: foot.y });
  const shoulder = half.shoulder.path;
  return frontFacing(
    {
      front: half,
      chest: endOf(half.armhole.path).y,
      outAlongShoulder: directionTo(startOf(shoulder), endOf(shoulder)),
    },
    [
      edge("standTop", "neck-end", "Top of the button stand", line(from, neck)),
      edge("neckline", "neck", "Front neck", reversePath(half.neckline.path)),
    ],
    down,
    "Front facing",
  );
}
