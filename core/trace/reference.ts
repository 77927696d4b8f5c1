import { at } from "../data";
import { type Corners, distance, type Homography, homographyBetween, type Point, project } from "../geometry";

/**
 * What in the photograph is known: the corners of a rectangle of known size, which also tells how the photograph is tilted, or
 * two marks on a tape, which tell the size alone. Corners and marks in picture points, sizes in millimetres.
 */
export type PhotoReference =
  | { readonly kind: "rectangle"; readonly corners: Corners; readonly short: number; readonly long: number }
  | { readonly kind: "marks"; readonly from: Point; readonly to: Point; readonly apart: number };

/** Sheets that lie about in every workroom, in millimetres (ISO 216; ANSI/ASME Y14.1). */
export const KNOWN_SHEETS = [
  { id: "a4", name: "A4 sheet", short: 210, long: 297 },
  { id: "letter", name: "US Letter sheet", short: 215.9, long: 279.4 },
  { id: "a5", name: "A5 sheet", short: 148, long: 210 },
  { id: "card", name: "Bank card", short: 53.98, long: 85.6 },
] as const;

/** From the picture to the paper, in millimetres, y down. Null when the reference has no such mapping. */
export function paperFrom(reference: PhotoReference): ((p: Point) => Point) | null {
  const homography = homographyOf(reference);
  return homography && ((p) => project(homography, p));
}

/** From the paper back into the picture: for drawing a scale over it. */
export function pictureFrom(reference: PhotoReference): ((p: Point) => Point) | null {
  if (reference.kind === "marks") {
    const apart = distance(reference.from, reference.to);
    if (!(apart > 0) || !(reference.apart > 0)) return null;
    return (p) => ({ x: (p.x * apart) / reference.apart, y: (p.y * apart) / reference.apart });
  }
  const { corners, sheet } = matched(reference);
  const back = homographyBetween(sheet, corners);
  return back && ((p) => project(back, p));
}

function homographyOf(reference: PhotoReference): Homography | null {
  if (reference.kind === "marks") {
    const apart = distance(reference.from, reference.to);
    if (!(apart > 0) || !(reference.apart > 0)) return null;
    const scale = reference.apart / apart;
    return [scale, 0, 0, 0, scale, 0, 0, 0];
  }
  const { corners, sheet } = matched(reference);
  return isConvex(corners) ? homographyBetween(corners, sheet) : null;
}

/**
 * The four corners in order round the sheet, and where each lies on it. They may be pointed at in any order; the longer pair of
 * sides is taken for the sheet's longer side, which holds for any photograph taken from less than half-way to the side.
 */
function matched({ corners, short, long }: PhotoReference & { readonly kind: "rectangle" }) {
  const middle = {
    x: corners.reduce((sum, p) => sum + p.x, 0) / 4,
    y: corners.reduce((sum, p) => sum + p.y, 0) / 4,
  };
  const angle = (p: Point) => Math.atan2(p.y - middle.y, p.x - middle.x);
  const round = cornersOf([...corners].sort((a, b) => angle(a) - angle(b)));
  const [a, b, c, d] = round;
  const isWide = distance(a, b) + distance(c, d) > distance(b, c) + distance(d, a);
  const [width, height] = isWide ? [long, short] : [short, long];
  const sheet: Corners = [
    { x: 0, y: 0 },
    { x: width, y: 0 },
    { x: width, y: height },
    { x: 0, y: height },
  ];
  return { corners: round, sheet };
}

/** The first four of the points. */
export function cornersOf(points: readonly Point[]): Corners {
  return [at(points, 0), at(points, 1), at(points, 2), at(points, 3)];
}

/** Four corners of a rectangle seen from anywhere in front of it make a convex figure. */
function isConvex(corners: Corners): boolean {
  const turns = corners.map((p, i) => {
    const [q, r] = [at(corners, (i + 1) % 4), at(corners, (i + 2) % 4)];
    return Math.sign((q.x - p.x) * (r.y - q.y) - (q.y - p.y) * (r.x - q.x));
  });
  return turns.every((turn) => turn !== 0 && turn === turns[0]);
}

/** The reference with each of its pointed-at places replaced in turn: for asking how much a slip of the pointer matters. */
export function referencePoints(reference: PhotoReference): readonly Point[] {
  return reference.kind === "rectangle" ? reference.corners : [reference.from, reference.to];
}

export function withReferencePoint(reference: PhotoReference, index: number, point: Point): PhotoReference {
  if (reference.kind === "rectangle") {
    return { ...reference, corners: cornersOf(reference.corners.map((p, i) => (i === index ? point : p))) };
  }
  return index === 0 ? { ...reference, from: point } : { ...reference, to: point };
}
