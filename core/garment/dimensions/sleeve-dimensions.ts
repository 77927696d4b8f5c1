import type { Dimension } from "../../draft";
import type { DraftedBodiceSleeve, DraftedSleeve, SewnSleeve } from "../../drafting";
import { along, boxOf, endOf, type Path, type Point, pathLength, startOf, subpath } from "../../geometry";
import type { Edge, Piece } from "../../pattern";
import { methodOf } from "../../sleeve/set-in";
import { styleHandle } from "../handles";
import { alongEdge, atPlace, isSilent, ofHandle, straight } from "./dimension";

/** Every figure of the sleeve that lies somewhere on its draft, in the order in which it is drafted: cap, width, arm, hem, style. */
export function sleeveDimensions(drafted: DraftedSleeve): readonly Dimension[] {
  const found = drafted.family === "sewn" ? ofSewn(drafted) : ofBodiceSleeve(drafted);
  return [...found, ...ofHandles(drafted), ...restOfEdges(drafted, found)];
}

function ofSewn(drafted: SewnSleeve): readonly Dimension[] {
  const { task, sleeve, caps, styled, isRedrawn } = drafted;
  const { frame, outline } = sleeve;
  const { takesHeight } = methodOf(task.method);
  const isFitFirst = task.method === "fit-first";
  const [main] = drafted.drawn;
  const on = main?.id ?? null;
  const [front, back] = drafted.seams;
  const level = (y: number, x: number): Point => ({ x, y });
  const half = (frame.frontWidth + frame.backWidth) / 2;
  const cap: readonly Dimension[] = [
    alongEdge(
      { id: "sleeve.cap.front", label: "Front cap seam", types: "sleeve.capEase", rank: 1, on },
      caps.front,
      front.partLength,
    ),
    alongEdge(
      { id: "sleeve.cap.back", label: "Back cap seam", types: "sleeve.capEase", rank: 1, on },
      caps.back,
      back.partLength,
    ),
    straight(
      {
        id: "sleeve.capHeight",
        label: "Cap height",
        types: takesHeight ? "sleeve.capHeight" : isFitFirst ? null : "sleeve.capHeightChange",
        rank: 1,
        on,
      },
      level(frame.height, outline.crown.x),
      outline.crown,
      frame.height,
    ),
    straight(
      {
        id: "sleeve.capWidth",
        label: "Width on the cap line",
        types: isFitFirst || takesHeight ? "sleeve.upperArmEase" : "sleeve.capWidthChange",
        rank: 1,
        on,
      },
      level(frame.height, -half),
      level(frame.height, half),
    ),
  ];
  const notches = (["front", "back"] as const).flatMap((side) => {
    const mark = drafted.notches.find(({ id }) => id === side);
    const path = caps[side];
    const at = mark && pathLength(path) - mark.partAt;
    // The figure is told along the armhole, from the underarm; on the cap it lies along the lower cap.
    return mark && at !== undefined && at > 0 && at < pathLength(path)
      ? [
          alongEdge(
            { id: `sleeve.notches.${side}`, types: `sleeve.notches.${side}`, rank: 3, on },
            subpath(path, at, pathLength(path)),
            mark.bodyAt,
          ),
        ]
      : [];
  });
  if (styled && isRedrawn) return [...cap, ...notches, ...sleeveLength(drafted), ...ofHem(drafted)];
  const { elbow } = outline;
  return [
    ...cap,
    ...notches,
    ...(elbow
      ? [
          straight(
            { id: "sleeve.elbowWidth", label: "Width at the elbow", types: "sleeve.elbowEase", rank: 2, on },
            elbow.back,
            elbow.front,
          ),
        ]
      : []),
    ...sleeveLength(drafted),
    ...ofHem(drafted),
    ...twoPiece(drafted),
  ];
}

/** From the crown down to where the finished sleeve ends, left of all that is drawn. */
function sleeveLength(drafted: SewnSleeve): readonly Dimension[] {
  const { crown, backHem, frontHem } = drafted.sleeve.outline;
  const { length, finishDepth, fall } = drafted.task.lengths;
  const finished = length + finishDepth - fall;
  const left = boxOf(drafted.drawn.map(({ outline }) => outline)).left - OUTSIDE_MM;
  const bottom = Math.max(backHem.y, frontHem.y) + finishDepth - fall;
  return [
    straight(
      { id: "sleeve.length", types: "sleeve.length", rank: 1, on: drafted.drawn[0]?.id ?? null },
      { x: left, y: crown.y },
      { x: left, y: bottom },
      finished,
    ),
  ];
}

/** A line that is outside all that is drawn keeps so far from it. */
const OUTSIDE_MM = 18;

function ofHem({ drawn, styled }: SewnSleeve): readonly Dimension[] {
  const [main] = drawn;
  const path = main && hemOf(main);
  return [
    ...(main && path
      ? [
          alongEdge(
            {
              id: "sleeve.hemWidth",
              label: styled ? "Hem, before it is gathered" : undefined,
              types: styled ? null : "sleeve.hemWidth",
              rank: 1,
              on: main.id,
            },
            path,
          ),
        ]
      : []),
  ];
}

function hemOf(piece: Piece): Path | undefined {
  return piece.folds[0] ?? piece.edges.find(({ role }) => role === "hem")?.path;
}

function twoPiece({ task, drawn, sleeve }: SewnSleeve): readonly Dimension[] {
  const { twoPiece: choices } = task;
  const [top] = drawn;
  const { elbow } = sleeve.outline;
  if (!choices || !top || !elbow) return [];
  const seam = (side: 1 | -1) =>
    top.edges
      .filter(({ role }) => role === "seam" || role === "underarm")
      .map(({ path }) => along(path, pathLength(path) * 0.25).point)
      .sort((a, b) => side * (b.x - a.x))[0];
  const at = { front: seam(1), back: seam(-1) };
  return [
    ...(at.front
      ? [
          atPlace(
            { id: "sleeve.frontSeamUnder", types: "sleeve.frontSeamUnder", rank: 3, on: top.id },
            at.front,
            choices.frontUnder,
          ),
        ]
      : []),
    ...(at.back
      ? [
          atPlace(
            { id: "sleeve.backSeamUnder", types: "sleeve.backSeamUnder", rank: 3, on: top.id },
            at.back,
            choices.backUnder,
          ),
        ]
      : []),
    atPlace(
      { id: "sleeve.elbowHollow", types: "sleeve.elbowHollow", rank: 3, on: top.id },
      elbow.front,
      choices.elbowHollow,
    ),
  ];
}

function ofBodiceSleeve({ drawn, drawing }: DraftedBodiceSleeve): readonly Dimension[] {
  const sleeve = drawn.find(({ kind }) => kind.of === "sleeve") ?? drawn.at(-1);
  if (!sleeve) return [];
  const hem = hemOf(sleeve);
  return [
    ...(hem
      ? [
          alongEdge(
            {
              id: "sleeve.hemWidth",
              label: drawing.hemLength > pathLength(hem) * 1.2 ? "Half of the hem" : undefined,
              types: "sleeve.hemWidth",
              rank: 1,
              on: sleeve.id,
            },
            hem,
          ),
        ]
      : []),
  ];
}

function ofHandles(drafted: DraftedSleeve): readonly Dimension[] {
  return drafted.handles.flatMap((handle) => {
    const path = `sleeve.${drafted.kind}.${handle.field}`;
    const found = ofHandle(handle, path, styleHandle(drafted, handle).value, drafted.drawn[0]?.id ?? null);
    return found ? [found] : [];
  });
}

/** The lengths of the edges of which no figure says anything yet. */
function restOfEdges({ drawn }: DraftedSleeve, told: readonly Dimension[]): readonly Dimension[] {
  const ends = told.flatMap(({ place }) => (place.as === "edge" ? [placesOf(place.path)] : []));
  return drawn.flatMap((piece) =>
    piece.edges
      .filter((edge) => !isSilent(edge) && !ends.some((one) => isSamePlace(one, placesOf(edge.path))))
      .map((edge) =>
        alongEdge({ id: `${piece.id}.${edge.id}`, label: edge.name, rank: rankOf(edge), on: piece.id }, edge.path),
      ),
  );
}

/** Of what is only measured the seams that are looked at most come first. */
function rankOf({ role }: Edge): Dimension["rank"] {
  return role === "cap" ? 3 : 2;
}

const placesOf = (path: Path) => [startOf(path), endOf(path)] as const;

function isSamePlace([a, b]: readonly [Point, Point], [c, d]: readonly [Point, Point]): boolean {
  const near = (p: Point, q: Point) => Math.hypot(p.x - q.x, p.y - q.y) < 1;
  return (near(a, c) && near(b, d)) || (near(a, d) && near(b, c));
}
