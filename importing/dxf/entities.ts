import { at } from "@core/data/index";
import { type Cubic, ellipseArcPath, endOf, lineCubic, type Path, type Point, startOf } from "@core/geometry/index";
import type {
  IArcEntity,
  ICircleEntity,
  IEllipseEntity,
  IEntity,
  IInsertEntity,
  ILineEntity,
  ILwpolylineEntity,
  IPolylineEntity,
  ISplineEntity,
} from "dxf-parser";
import { splinePath } from "./spline";

type Named<Entity, Type extends string> = Entity & { readonly type: Type };
type Known =
  | Named<ILineEntity, "LINE">
  | Named<ILwpolylineEntity, "LWPOLYLINE">
  | Named<IPolylineEntity, "POLYLINE">
  | Named<IArcEntity, "ARC">
  | Named<ICircleEntity, "CIRCLE">
  | Named<IEllipseEntity, "ELLIPSE">
  | Named<ISplineEntity, "SPLINE">
  | Named<IInsertEntity, "INSERT">;

/** The library gives its entities one type for all: which of them it is their name tells. */
export const knownEntity = (entity: IEntity): Known => entity as Known;

export type EntityShape = { readonly path: Path; readonly isClosed: boolean };

const FULL_TURN = 2 * Math.PI;
const NO_LINE = 1e-9;

/** An entity's line in its own coordinates, y up; a sentence for one that cannot be drawn; null for what is no line. */
export function entityShape(entity: IEntity): EntityShape | string | null {
  const known = knownEntity(entity);
  switch (known.type) {
    case "LINE":
      return open(known.vertices.slice(0, 2).map(pointOf));
    case "LWPOLYLINE":
      return polyline(known);
    case "POLYLINE":
      return polyline(known);
    case "ARC":
      return arc(known);
    case "CIRCLE":
      return circle(known);
    case "ELLIPSE":
      return ellipse(known);
    case "SPLINE":
      return spline(known);
    default:
      return null;
  }
}

function pointOf(p: { readonly x: number; readonly y: number }): Point {
  return { x: p.x, y: p.y };
}

function open(points: readonly Point[]): EntityShape | null {
  const path = points
    .slice(1)
    .map((p, i): Cubic => lineCubic(at(points, i), p))
    .filter(hasLength);
  return path.length > 0 ? { path, isClosed: false } : null;
}

function hasLength([from, , , to]: Cubic): boolean {
  return Math.hypot(to.x - from.x, to.y - from.y) > NO_LINE;
}

/** Straight pieces, and arcs where a vertex has a bulge: the tangent of a quarter of the arc's angle. */
function polyline({ vertices = [], shape }: ILwpolylineEntity | IPolylineEntity): EntityShape | null {
  const points = vertices.map((vertex) => ({ ...pointOf(vertex), bulge: "bulge" in vertex ? (vertex.bulge ?? 0) : 0 }));
  const last = points[points.length - 1];
  const [first] = points;
  if (!first || !last) return null;
  const pairs = points.slice(1).map((to, i) => [at(points, i), to] as const);
  if (shape && Math.hypot(last.x - first.x, last.y - first.y) > NO_LINE) pairs.push([last, first]);
  const path = pairs.flatMap(([from, to]) =>
    from.bulge === 0 ? [lineCubic(pointOf(from), pointOf(to))].filter(hasLength) : bulged(from, to, from.bulge),
  );
  return path.length > 0 ? { path, isClosed: Boolean(shape) } : null;
}

function bulged(from: Point, to: Point, bulge: number): Path {
  const chord = Math.hypot(to.x - from.x, to.y - from.y);
  if (chord <= NO_LINE) return [];
  const sweep = 4 * Math.atan(bulge);
  const radius = chord / (2 * Math.abs(Math.sin(sweep / 2)));
  // The centre lies square to the chord's middle, to the left for an arc that turns left by less than half a turn.
  const beside = (chord / 2) * ((1 - bulge * bulge) / (2 * bulge));
  const centre = {
    x: (from.x + to.x) / 2 - ((to.y - from.y) / chord) * beside,
    y: (from.y + to.y) / 2 + ((to.x - from.x) / chord) * beside,
  };
  const begin = Math.atan2(from.y - centre.y, from.x - centre.x);
  return ellipseArcPath({ centre, radiusX: radius, radiusY: radius, turned: 0, from: begin, sweep });
}

function arc({ center, radius, startAngle, endAngle, extrusionDirectionZ }: IArcEntity): EntityShape | null {
  if (!center || !(radius > 0)) return null;
  const sweep = positiveTurn(endAngle - startAngle);
  const path = ellipseArcPath({
    centre: pointOf(center),
    radiusX: radius,
    radiusY: radius,
    turned: 0,
    from: startAngle,
    sweep,
  });
  return { path: extrusionDirectionZ < 0 ? mirrored(path) : path, isClosed: false };
}

/** Seen from behind: an entity drawn on the back of the paper has its x the other way round. */
function mirrored(path: Path): Path {
  const flip = (p: Point): Point => ({ x: -p.x, y: p.y });
  return path.map(([a, b, c, d]): Cubic => [flip(a), flip(b), flip(c), flip(d)]);
}

function positiveTurn(angle: number): number {
  const turn = angle % FULL_TURN;
  return turn <= 0 ? turn + FULL_TURN : turn;
}

function circle({ center, radius }: ICircleEntity): EntityShape | null {
  if (!center || !(radius > 0)) return null;
  const path = ellipseArcPath({
    centre: pointOf(center),
    radiusX: radius,
    radiusY: radius,
    turned: 0,
    from: 0,
    sweep: FULL_TURN,
  });
  return { path, isClosed: true };
}

function ellipse({ center, majorAxisEndPoint, axisRatio, startAngle, endAngle }: IEllipseEntity): EntityShape | null {
  const radiusX = Math.hypot(majorAxisEndPoint?.x ?? 0, majorAxisEndPoint?.y ?? 0);
  if (!center || !(radiusX > 0) || !(axisRatio > 0)) return null;
  const sweep = positiveTurn(endAngle - startAngle);
  const path = ellipseArcPath({
    centre: pointOf(center),
    radiusX,
    radiusY: radiusX * axisRatio,
    turned: Math.atan2(majorAxisEndPoint.y, majorAxisEndPoint.x),
    from: startAngle,
    sweep,
  });
  return { path, isClosed: sweep > FULL_TURN - 1e-9 };
}

function spline(entity: ISplineEntity): EntityShape | string | null {
  if (entity.rational) return "A weighted spline was left out: save it as a polyline if it is an edge you need.";
  const points = (entity.controlPoints ?? []).map(pointOf);
  const path = splinePath(entity.degreeOfSplineCurve, points, entity.knotValues ?? []);
  if (!path)
    return "A spline without usable control points was left out: save it as a polyline if it is an edge you need.";
  const [from, to] = [startOf(path), endOf(path)];
  return { path, isClosed: Math.hypot(to.x - from.x, to.y - from.y) < NO_LINE };
}
