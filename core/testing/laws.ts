import { cutGarment } from "../cut";
import { at } from "../data";
import { draftGarment, edgePaths, type Garment, sketchGarment } from "../garment";
import { cubicPoint, type Path, type Point, pathLength } from "../geometry";
import { UNFORESEEN } from "../judge";
import { applyChange, type GarmentSpec, readGarment, writeGarment } from "../spec";
import { TAPE_UNITS } from "../tape";

/** The laws that hold for any garment that can be read, by their numbers in the order in which they are tried. */
export type Law =
  | "draws without what was not foreseen"
  | "has finite numbers only"
  | "has closed and simple outlines, or says which is not"
  | "has remedies that mend"
  | "says what was not solved"
  | "is the same in every unit"
  | "names the edges of its seams"
  | "has simple cutting lines, or says which is not";

export type Broken = { readonly law: Law; readonly what: string };

/** The garment drafted, and every law that it breaks, in words for the person who mends the program. */
export function brokenLaws(spec: GarmentSpec): { readonly garment: Garment; readonly broken: readonly Broken[] } {
  const garment = draftGarment(spec);
  const broken = (law: Law, whats: readonly string[]) => whats.map((what): Broken => ({ law, what }));
  return {
    garment,
    broken: [
      ...broken("draws without what was not foreseen", unforeseen(garment)),
      ...broken("has finite numbers only", notFinite(garment)),
      ...broken("has closed and simple outlines, or says which is not", untoldOutlines(garment)),
      ...broken("has remedies that mend", idleRemedies(garment)),
      ...broken("says what was not solved", untoldSolvers(garment)),
      ...broken("is the same in every unit", unitsApart(garment)),
      ...broken("names the edges of its seams", seamsOff(garment)),
      ...broken("has simple cutting lines, or says which is not", untoldCuts(garment)),
    ],
  };
}

function untoldCuts(garment: Garment): readonly string[] {
  // An outline that crosses itself is told as such: nothing sensible can be cut round it.
  const crossed = new Set(garment.findings.flatMap(({ piece }) => (piece === undefined ? [] : [piece])));
  const { pieces, findings } = cutGarment(garment);
  return pieces.flatMap(({ piece, cutting }) => {
    if (crossed.has(piece.id) || outlineFault(piece.outline) !== null) return [];
    if (!cutting)
      return findings.some((one) => one.piece === piece.id) ? [] : [`${piece.id} has none, and nothing says so`];
    const fault = outlineFault(cutting);
    return fault === null ? [] : [`${piece.id}: ${fault}`];
  });
}

function unforeseen({ findings }: Garment): readonly string[] {
  return findings
    .filter(({ code }) => code === UNFORESEEN)
    .map(
      ({ station, reason }) => `${station}: ${reason.map((part) => (typeof part === "string" ? part : "…")).join("")}`,
    );
}

/** Looked for as numbers: written as JSON, no number is a null like any other. */
function notFinite(garment: Garment): readonly string[] {
  const found: string[] = [];
  const seen = new Set<object>();
  const look = (value: unknown, path: string) => {
    if (typeof value === "number" && !Number.isFinite(value)) found.push(path);
    if (value === null || typeof value !== "object" || seen.has(value)) return;
    seen.add(value);
    for (const [key, inner] of Object.entries(value)) look(inner, `${path}.${/^\d+$/.test(key) ? "*" : key}`);
  };
  look(garment, "");
  return found.slice(0, 1);
}

const CHORDS = 24;

function untoldOutlines({ pieces, findings }: Garment): readonly string[] {
  const told = findings.filter(({ code }) => code === "outline-crosses-itself" || code === "outline-open");
  return pieces.flatMap((piece) => {
    if (told.some((found) => piece.id.startsWith(found.piece ?? ""))) return [];
    const fault = outlineFault(piece.outline);
    return fault ? [`${piece.id} ${fault}`] : [];
  });
}

/** What is wrong with an outline, looked for in another way than the program's own; null for a closed and simple one. */
export function outlineFault(outline: Path): string | null {
  const points = chordsOf(outline);
  const [first, last] = [at(points, 0), at(points, points.length - 1)];
  if (!(Math.hypot(first.x - last.x, first.y - last.y) < 0.1)) return "is open";
  return selfCrossing(points) ? "crosses itself" : null;
}

function chordsOf(path: Path): readonly Point[] {
  const points = path.flatMap((cubic, i) =>
    Array.from({ length: i === 0 ? CHORDS + 1 : CHORDS }, (_, k) => cubicPoint(cubic, (i === 0 ? k : k + 1) / CHORDS)),
  );
  return points.filter((p, i) => i === 0 || Math.hypot(p.x - at(points, i - 1).x, p.y - at(points, i - 1).y) > 1e-9);
}

/** Every chord against those that begin before it ends, from left to right: independent of the program's own way. */
function selfCrossing(points: readonly Point[]): boolean {
  const last = points.length - 2;
  const sideOf = (p: Point, q: Point, r: Point) => (q.x - p.x) * (r.y - p.y) - (q.y - p.y) * (r.x - p.x);
  const chords = points.slice(1).map((q, i) => {
    const p = at(points, i);
    return { i, p, q, left: Math.min(p.x, q.x), right: Math.max(p.x, q.x) };
  });
  const byLeft = chords.sort((a, b) => a.left - b.left);
  return byLeft.some(({ i, p, q, right }, place) => {
    for (let next = place + 1; next < byLeft.length; next++) {
      const other = at(byLeft, next);
      if (other.left > right) return false;
      const apart = Math.abs(i - other.i);
      const { p: r, q: s } = other;
      if (
        apart <= 1 ||
        apart === last ||
        Math.max(p.y, q.y) < Math.min(r.y, s.y) ||
        Math.max(r.y, s.y) < Math.min(p.y, q.y)
      )
        continue;
      if (sideOf(p, q, r) * sideOf(p, q, s) < 0 && sideOf(r, s, p) * sideOf(r, s, q) < 0 && farFromEnds(p, q, r, s))
        return true;
    }
    return false;
  });
}

/** A crossing within a twentieth of a millimetre of a joint is a touch. */
function farFromEnds(p: Point, q: Point, r: Point, s: Point): boolean {
  const near = (a: Point, b: Point) => Math.hypot(a.x - b.x, a.y - b.y) < 0.05;
  return !(near(p, r) || near(p, s) || near(q, r) || near(q, s));
}

function idleRemedies({ spec, findings }: Garment): readonly string[] {
  return findings.flatMap(({ code, remedies }) =>
    remedies.flatMap(({ id, change }) => {
      const read = readGarment(writeGarment(applyChange(spec, change)));
      if (!read.ok) return [`${id} for ${code} writes what cannot be read: ${read.issues[0]?.message}`];
      const left = sketchGarment(read.spec).findings.filter((found) => found.code === code).length;
      return left < findings.filter((found) => found.code === code).length ? [] : [`${id} does not end ${code}`];
    }),
  );
}

function untoldSolvers({ solvers, findings }: Garment): readonly string[] {
  const told = findings.some(({ code }) => SAID_OF_SOLVERS.includes(code));
  return solvers.filter(({ solution }) => !solution.converged && !told).map(({ id }) => id);
}

const SAID_OF_SOLVERS: readonly string[] = [
  "not-solved",
  "edges-differ",
  "front-and-back-differ",
  "collar-rides-up",
  "collar-ripples",
];

const SAME_MM = 1e-6;

function unitsApart(garment: Garment): readonly string[] {
  // What did not converge says so; where its search ends is no figure of the garment.
  if (garment.solvers.some(({ solution }) => !solution.converged)) return [];
  return TAPE_UNITS.flatMap((unit) => {
    const read = readGarment(writeGarment(garment.spec, unit));
    if (!read.ok) return [`cannot be read back in ${unit}: ${read.issues[0]?.message}`];
    const other = sketchGarment(read.spec);
    const codes = (of: Garment) => of.findings.map(({ code }) => code).join(" ");
    if (codes(other) !== codes(garment)) return [`${unit}: ${codes(other)} for ${codes(garment)}`];
    const apart = garment.figures.find(
      ({ value }, i) =>
        !(Math.abs((other.figures[i]?.value ?? Number.NaN) - value) <= SAME_MM * Math.max(1, Math.abs(value))),
    );
    return apart ? [`${unit}: ${apart.id} differs`] : [];
  });
}

const STATED_MM = 0.01;

function seamsOff(garment: Garment): readonly string[] {
  const paths = edgePaths(garment);
  const lengthOf = (edges: readonly string[]) =>
    edges.reduce((sum, edge) => {
      const path = paths.get(edge);
      return sum + (path ? pathLength(path) : Number.NaN);
    }, 0);
  // A piece that is told to be open has no edge between some of its ends, and no seam there.
  if (garment.findings.some(({ code }) => code === "outline-open")) return [];
  // What was fitted to a reading is as long as that; that the block differs from it is told.
  const isRead = (id: string) =>
    garment.findings.some(
      ({ code }) => code === (id.startsWith("armhole") ? "armhole-read-over" : "neckline-read-over"),
    );
  return [...garment.seams, ...garment.joins].flatMap(({ id, bodyEdges, partEdges, bodyLength, partLength }) => {
    const [body, part] = [lengthOf(bodyEdges), lengthOf(partEdges)];
    const isFitted = id.startsWith("armhole") || id === "neckline";
    return [
      ...(Math.abs(body - bodyLength) <= STATED_MM || (isFitted && isRead(id))
        ? []
        : [`${id}: ${bodyEdges.join(" + ")} is off`]),
      ...(Math.abs(part - partLength) <= STATED_MM ? [] : [`${id}: ${partEdges.join(" + ")} is off`]),
    ];
  });
}
