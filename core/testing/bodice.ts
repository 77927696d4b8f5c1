import { svgPathProperties } from "svg-path-properties";
import { bodiceSleeve } from "../drafting";
import { draftGarment, type Garment } from "../garment";
import { svgPathData } from "../geometry";
import type { Edge, Piece } from "../pattern";
import type { GarmentSpec } from "../spec";
import { sampleSpec } from "./sample";
import { as, type Sleeve } from "./styles";

/** The sample's arm on a bodice drafted from measures by the quick rules, as a sleeve of a kind. */
export function onBodice(
  kind: Sleeve["kind"],
  changes: Partial<Sleeve> = {},
  block: Partial<GarmentSpec["block"]> = {},
): GarmentSpec {
  const spec = as(kind, changes);
  const body = { ...sampleSpec().body, head: 565, waist: 762, neckToWrist: 720, shoulderLength: 124 };
  return {
    ...spec,
    body,
    block: { source: "drafted", school: "quick", shaping: "none", ...block } as GarmentSpec["block"],
  };
}

export function draftedBodice(spec: GarmentSpec) {
  const garment = draftGarment(spec);
  const sleeve = bodiceSleeve(garment);
  if (!sleeve) throw new Error(`the ${spec.sleeve?.kind} sleeve is not drawn`);
  return { garment, sleeve, piece: (id: string) => pieceOf(garment, id) };
}

export function pieceOf({ pieces }: Garment, id: string): Piece {
  const piece = pieces.find((one) => one.id === id);
  if (!piece) throw new Error(`no piece "${id}" among ${pieces.map((one) => one.id).join(", ")}`);
  return piece;
}

export function edgeOf(piece: Piece, id: string): Edge {
  const edge = piece.edges.find((one) => one.id === id);
  if (!edge) throw new Error(`no edge "${id}" among ${piece.edges.map((one) => one.id).join(", ")}`);
  return edge;
}

/** The lengths of edges as they come out of a piece, measured by an independent library (svg-path-properties). */
export function measuredApart(piece: Piece, ...ids: readonly string[]): number {
  return ids.reduce((sum, id) => sum + new svgPathProperties(svgPathData(edgeOf(piece, id).path)).getTotalLength(), 0);
}
