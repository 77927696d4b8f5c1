import type { Block } from "@core/block/index";
import { DxfWriter, Units } from "@tarikjabiri/dxf";
import { blockOutline } from "./block-outline";
import { splineOf } from "./dxf-spline";

/** The block's outline as a DXF drawing in millimetres, y up: each edge one spline, exactly, on a layer named for what it is. */
export function writeBlockDxf(block: Block): string {
  const writer = new DxfWriter();
  writer.setUnits(Units.Millimeters);
  for (const edge of blockOutline(block)) {
    writer.addLayer(edge.name, edge.isInner || edge.isMadeUp ? GREY : BLACK, "CONTINUOUS");
    writer.setCurrentLayerName(edge.name);
    writer.addSpline(splineOf(edge.path));
  }
  return writer.stringify();
}

/** Colour numbers of the format: 7 is drawn black on white paper, 8 is grey. */
const BLACK = 7;
const GREY = 8;
