import type { CollarKindName } from "../collar";
import { draftGarment, type Garment } from "../garment";
import { along, endOf, type Point, startOf } from "../geometry";
import type { Edge } from "../pattern";
import { applyChange, type GarmentSpec } from "../spec";
import { edgeOf, onBodice, pieceOf } from "./bodice";

type Collar = NonNullable<GarmentSpec["collar"]>;

/** The sample's bodice with a collar and no sleeve; the neck is invented. */
export function withCollar(kind: CollarKindName, changes: Partial<Collar> = {}, block = {}): GarmentSpec {
  const spec = onBodice("set-in", {}, block as never);
  return { ...spec, sleeve: null, body: { ...spec.body, neck: 356 }, collar: { kind, ...changes } };
}

export function draftedCollar(spec: GarmentSpec) {
  const garment = draftGarment(spec);
  const { collar } = garment;
  if (!collar) throw new Error(`no collar: ${garment.findings.map(({ code }) => code).join(" ")}`);
  return { garment, collar, piece: (id: string) => pieceOf(garment, id) };
}

export function collarFinding(spec: GarmentSpec, code: string) {
  const found = draftGarment(spec).findings.find((one) => one.code === code);
  if (!found) throw new Error(`no finding "${code}"`);
  return found;
}

/** The garment with the finding's remedy taken; the finding is then to be gone. */
export function mended(spec: GarmentSpec, code: string, remedy = 0): Garment {
  const change = collarFinding(spec, code).remedies[remedy]?.change;
  if (!change) throw new Error(`"${code}" has no remedy ${remedy}`);
  return draftGarment(applyChange(spec, change));
}

export const codesOf = ({ findings }: Garment) => findings.map(({ code }) => code);

/** The cosine of the angle at which two edges of a piece meet at the end of the first and the start of the second. */
export function cosineBetween(garment: Garment, id: string, first: string, second: string): number {
  const piece = pieceOf(garment, id);
  const [a, b] = [edgeOf(piece, first), edgeOf(piece, second)];
  if (gap(endOf(a.path), startOf(b.path)) > 1e-6) throw new Error(`${first} does not run into ${second}`);
  const into = along(a.path, a.length).direction;
  const out = along(b.path, 0).direction;
  return into.x * out.x + into.y * out.y;
}

export const gap = (p: Point, q: Point) => Math.hypot(p.x - q.x, p.y - q.y);

/** Every place of the smaller edge, its end in the corner too, lies `by` from the larger one. */
export function expectSmallerBy(by: number, larger: Edge, smaller: Edge): void {
  const places = Array.from({ length: 2001 }, (_, i) => along(larger.path, (larger.length * i) / 2000).point);
  for (let i = 2; i <= 40; i++) {
    const { point } = along(smaller.path, (smaller.length * i) / 40);
    const nearest = Math.min(...places.map((p) => gap(p, point)));
    // The corner is found along the edge's last direction: where the edge bends just there, it lies a hair further in.
    if (Math.abs(nearest - by) > (i === 40 ? 0.3 : 0.15)) throw new Error(`${nearest} apart at ${i} of 40, not ${by}`);
  }
}
