import type { Block } from "@core/block/index";
import { at } from "@core/data/index";
import type { Point } from "@core/geometry/index";
import { DxfWriter, Units } from "@tarikjabiri/dxf";
import { blockOutline, type OutlineEdge } from "./block-outline";

/** The block's outline as a DXF drawing in millimetres, y up: each edge one spline, exactly, on a layer named for what it is. */
export function writeBlockDxf(block: Block): string {
  const writer = new DxfWriter();
  writer.setUnits(Units.Millimeters);
  for (const edge of blockOutline(block)) {
    writer.addLayer(edge.name, edge.isInner || edge.isMadeUp ? GREY : BLACK, "CONTINUOUS");
    writer.setCurrentLayerName(edge.name);
    writer.addSpline(splineOf(edge));
  }
  return writer.stringify();
}

/** Colour numbers of the format: 7 is drawn black on white paper, 8 is grey. */
const BLACK = 7;
const GREY = 8;
const DEGREE = 3;

/** Cubics end to end are a spline whose inner knots stand three times. */
function splineOf({ path }: OutlineEdge) {
  const turnedUp = (p: Point) => ({ x: p.x, y: -p.y, z: 0 });
  const first = at(path, 0);
  const controlPoints = [turnedUp(first[0]), ...path.flatMap(([, b, c, d]) => [b, c, d].map(turnedUp))];
  const inner = path.slice(1).flatMap((_, i) => [i + 1, i + 1, i + 1]);
  const knots = [0, 0, 0, 0, ...inner, path.length, path.length, path.length, path.length];
  return { controlPoints, degreeCurve: DEGREE, knots };
}
