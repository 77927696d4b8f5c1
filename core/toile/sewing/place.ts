import { at } from "../../data";
import { along, boxOf, cubicPoint, endOf, lengthAtHeight, type Path, type Point, startOf } from "../../geometry";
import type { Piece } from "../../pattern";
import { type Arm, type ArmPose, armOf } from "../body/arm";
import type { Trunk } from "../body/body";
import { cutName, type PieceMesh } from "../mesh/piece-mesh";
import type { Place } from "../place";
import { sideEdgeOf, type WornPiece } from "./plan";

/** Where the points of a piece are before it is sewn, in metres. Null for a piece that is attached to others later. */
export type Placer = (mesh: PieceMesh, worn: WornPiece) => readonly Place[] | null;

/** Cloth begins so far off the body. Metres. */
const OFF_BODY = 0.02;

export function placer(trunk: Trunk, worn: readonly WornPiece[], pose: ArmPose): Placer {
  const arm = armOf(trunk.figures, pose);
  const widths = { front: halfWidths(worn, "front"), back: halfWidths(worn, "back") };
  const onTube = tube(trunk, widths);
  const onArm = sleeveTube(arm, trunk, worn);
  return (mesh, { role, side, piece }) => {
    if (role === "attached") return null;
    if (role === "arm") return mesh.points.map((p) => onArm(piece.id, p));
    const of = side ?? "front";
    if (role === "flat") return laidFlat(mesh, of, trunk);
    return mesh.points.map((p) => onTube(of, p.x - widths[of].centre, p.y));
  };
}

type Widths = { readonly centre: number; readonly at: (y: number) => number };

/** How wide a half is at each level, from its centre to its side; above the underarm as wide as there. Millimetres. */
function halfWidths(worn: readonly WornPiece[], side: "front" | "back"): Widths {
  const own = worn.filter((one) => one.side === side);
  const ofCentre = own.find(({ middle }) => middle.length > 0);
  const isCut = ofCentre?.cuts.some((_, i) => ofCentre.middle.includes(cutName(i))) ?? false;
  const centreEdge = ofCentre?.piece.edges.find(({ role }) => role === "centre");
  // The outline runs up its centre: its end is at the neck.
  const centre = isCut || !centreEdge ? 0 : endOf(centreEdge.path).x;
  const sideEdge = own.flatMap(({ piece }) => sideEdgeOf(piece) ?? [])[0];
  const widest = Math.max(...own.map(({ piece }) => boxOf([piece.outline]).right));
  const xAt = (y: number) => {
    if (!sideEdge) return widest;
    const [top, bottom] = [startOf(sideEdge.path), endOf(sideEdge.path)];
    if (y <= top.y) return top.x;
    if (y >= bottom.y) return bottom.x;
    return along(sideEdge.path, lengthAtHeight(sideEdge.path, y)).point.x;
  };
  return { centre, at: (y) => xAt(y) - centre };
}

/** The bodice as a tube round the trunk, as wide at each level as front and back are, and nowhere inside the body. */
function tube({ torso, figures }: Trunk, widths: Readonly<Record<"front" | "back", Widths>>) {
  const highest = -figures.armpit / 1000;
  return (side: "front" | "back", s: number, y: number): Place => {
    const level = Math.min(highest, -y / 1000);
    const chest = torso.sectionAt(-(figures.levels[0]?.y ?? 0) / 1000);
    const own = torso.sectionAt(level);
    const isUpper = -y / 1000 > -(figures.levels[0]?.y ?? 0) / 1000;
    const { wide, front, back } = isUpper ? chest : own;
    const [wf, wb] = [widths.front.at(y) / 1000, widths.back.at(y) / 1000];
    const half = quarterEllipse(wide, front) + quarterEllipse(wide, back);
    const off = Math.max(OFF_BODY, (wf + wb - half) / Math.PI);
    const [a, f, b] = [wide + off, front + off, back + off];
    const [qf, qb] = [quarterEllipse(a, f), quarterEllipse(a, b)];
    const all = qf + qb;
    // From the centre front round the side to the centre back.
    const share = side === "front" ? s / 1000 / Math.max(wf + wb, 1e-6) : 1 - s / 1000 / Math.max(wf + wb, 1e-6);
    const gone = share * all;
    if (gone <= qf) {
      const [x, z] = onQuarter(a, f, gone / qf);
      return [x, -y / 1000, z];
    }
    const [x, z] = onQuarter(a, b, (all - gone) / qb);
    return [x, -y / 1000, -z];
  };
}

/** Ramanujan's formula for a quarter of an ellipse. */
function quarterEllipse(a: number, b: number): number {
  return (Math.PI / 4) * (3 * (a + b) - Math.sqrt((3 * a + b) * (a + 3 * b)));
}

/** So far along a quarter of an ellipse, from where it is deepest to where it is widest; a share below nothing goes on straight. */
function onQuarter(a: number, b: number, share: number): readonly [number, number] {
  if (share < 0) return [share * quarterEllipse(a, b), b];
  const steps = 24;
  const lengths = [0];
  const place = (i: number) =>
    [a * Math.sin((Math.PI / 2) * (i / steps)), b * Math.cos((Math.PI / 2) * (i / steps))] as const;
  for (let i = 1; i <= steps; i++) {
    const [[x0, z0], [x1, z1]] = [place(i - 1), place(i)];
    lengths.push(at(lengths, i - 1) + Math.hypot(x1 - x0, z1 - z0));
  }
  const wanted = Math.min(1, share) * at(lengths, steps);
  const i = Math.max(
    0,
    Math.min(
      steps - 1,
      lengths.findLastIndex((one) => one <= wanted),
    ),
  );
  const t = (wanted - at(lengths, i)) / Math.max(1e-9, at(lengths, i + 1) - at(lengths, i));
  const [[x0, z0], [x1, z1]] = [place(i), place(i + 1)];
  return [x0 + (x1 - x0) * t, z0 + (z1 - z0) * t];
}

/** The sleeve as a tube along the arm, its top over the arm and its underarm below it. */
function sleeveTube(arm: Arm, { figures }: Trunk, worn: readonly WornPiece[]) {
  const pieces = worn.filter(({ role }) => role === "arm").map(({ piece }) => piece);
  const halves = new Map(pieces.map((piece) => [piece.id, widthsBelow(piece.outline)]));
  const isUnder = (one: Piece) => one.kind.worn.as === "arm" && one.kind.worn.lies === "under";
  const [underPiece, topPiece] = [pieces.find(isUnder), pieces.find((one) => !isUnder(one))];
  const under = underPiece && halves.get(underPiece.id);
  const top = underPiece && topPiece && halves.get(topPiece.id);
  const isPair = !underPiece && pieces.length > 1;
  // One that is longer than the arm is drawn up over the wrist, or what holds its hem there would close beyond the hand.
  const reach = arm.upperLength + arm.lowerLength;
  const longest = Math.max(...pieces.map(({ outline }) => boxOf([outline]).bottom)) / 1000;
  const shortened = Math.min(1, (reach + BEYOND_WRIST) / longest);
  const [dx, dy, dz] = arm.upperWay;
  const out: Place = [-dy, dx, 0];
  // Above the shoulder point a sleeve goes on over the shoulder, towards the neck.
  const shoulder = { x: figures.neckPoint.x - figures.tip.x, y: -(figures.neckPoint.y - figures.tip.y) };
  const size = Math.hypot(shoulder.x, shoulder.y) || 1;
  const over: Place = [shoulder.x / size, shoulder.y / size, 0];
  return (id: string, p: Point): Place => {
    const own = halves.get(id) ?? { left: () => 100, right: () => 100 };
    const t = (p.y / 1000) * (p.y > 0 ? shortened : 1);
    const girth = (of: typeof own) => of.right(p.y) + of.left(p.y);
    const whole =
      (under && top
        ? girth(under) + girth(top)
        : isPair
          ? [...halves.values()].reduce((sum, of) => sum + girth(of), 0)
          : girth(own)) / 1000;
    const limb = 2 * Math.PI * (arm.upperRadius + OFF_BODY * 0.6);
    const radius = Math.max(whole, limb) / (2 * Math.PI);
    // A sleeve in two pieces is bent: each lies about the middle that it has at its level.
    const middle = under && top ? (own.right(p.y) - own.left(p.y)) / 2 : 0;
    const across = (2 * Math.PI * ((p.x - middle) / 1000)) / whole;
    const turn = id === underPiece?.id ? Math.PI - across : across;
    const from = arm.shoulder;
    const axis: Place =
      t >= 0
        ? [from[0] + dx * t, from[1] + dy * t, from[2] + dz * t]
        : [from[0] - over[0] * t, from[1] - over[1] * t, from[2]];
    const [c, s] = [Math.cos(turn) * radius, Math.sin(turn) * radius];
    return [axis[0] + out[0] * c, axis[1] + out[1] * c, axis[2] + s];
  };
}

/** A sleeve ends so far beyond the wrist at most when it is put on. Metres. */
const BEYOND_WRIST = 0.03;

const LEVELS = 120;

/** How far a piece reaches to either side at each level, negative where all of it lies on the other; above its cap line as far as there. Millimetres. */
function widthsBelow(outline: Path) {
  const { top, bottom } = boxOf([outline]);
  const step = (bottom - top) / LEVELS;
  const corners = outline.flatMap((cubic) => Array.from({ length: 24 }, (_, k) => cubicPoint(cubic, k / 24)));
  /** Half-way up each level, where no corner of a straight edge lies. */
  const across = Array.from({ length: LEVELS }, (_, i) => {
    const y = top + (i + 0.5) * step;
    const xs = corners.flatMap((p, n) => {
      const q = at(corners, (n + 1) % corners.length);
      return p.y < y === q.y < y ? [] : [p.x + ((q.x - p.x) * (y - p.y)) / (q.y - p.y)];
    });
    return { left: -Math.min(...xs), right: Math.max(...xs) };
  });
  const reaching = (side: "left" | "right") => {
    const widest = across.reduce((best, one, i) => (one[side] > at(across, best)[side] + 0.5 ? i : best), 0);
    return (y: number) => at(across, Math.max(widest, Math.min(LEVELS - 1, Math.floor((y - top) / step))))[side];
  };
  return { left: reaching("left"), right: reaching("right") };
}

/**
 * Sleeve and bodice in one: front and back flat, before and behind a body whose arm is held as it was cut. Nothing is strained so: cloth that
 * begins strained draws itself together up the arm, where nothing takes it down again.
 */
function laidFlat({ points }: PieceMesh, side: "front" | "back", { torso, figures }: Trunk): readonly Place[] {
  const chest = torso.sectionAt(-(figures.levels[0]?.y ?? 0) / 1000);
  const z = side === "front" ? chest.front + OFF_BODY : -chest.back - OFF_BODY;
  return points.map((p): Place => [p.x / 1000, -p.y / 1000 + LIFTED, z]);
}

/** Laid so much higher than the body, that the shoulders do not begin inside it. */
const LIFTED = 0.025;
