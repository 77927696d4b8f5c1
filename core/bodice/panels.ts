import type { Side } from "../block";
import {
  along,
  contains,
  endOf,
  flatten,
  line,
  type Path,
  type Point,
  pathLength,
  pathsCross,
  reversePath,
  SEEN_MM,
  subpath,
} from "../geometry";
import { type Edge, edge, type HalfEdges, mouthOfLegs } from "../pattern";
import type { BodiceChoices } from "./choices";
import { acrossAt } from "./cut-across";
import type { Levels, Panel, Panelled } from "./panel";
import { curvedHem, flared, hemAt, hemBetween, raisedFoot } from "./shape-hem";
import { cutFromTop, pointOn, splitAt, startingAt, type TopPlace } from "./top-place";

/** A cut from the top of the half to its hem: the edge of the panel before it, and that of the panel after it. */
type Cut = {
  readonly id: string;
  /** Where the panel before it ends at the top, and where the one after it begins: apart where a dart opens there. */
  readonly place: TopPlace;
  readonly after: TopPlace;
  readonly inner: Path;
  readonly outer: Path;
};

/** The half cut into what is asked for; in one where nothing is. */
export function panelsOf(half: HalfEdges, choices: BodiceChoices, levels: Levels): Panelled {
  const shaped = shapedHalf(half, choices, levels);
  // Cut first and flared then: a cut stands where it would without a flare.
  const cuts = cutsOf(choices.flare > 0 ? shapedHalf(half, { ...choices, flare: 0 }, levels) : shaped, choices);
  const panels = cutApart(shaped, cuts, choices, levels);
  const atWaist = choices.waistSeam === "waist" && levels.waist !== null ? acrossAt(panels, levels.waist) : panels;
  return {
    panels: atWaist,
    isUncut: choices.panels !== "whole" && hasPrincess(half) && cuts.length === 0,
    edges: edgesOf(half.half.side, atWaist),
  };
}

type ShapedHalf = HalfEdges & { readonly hem: Path };

/** The side swung out or raised for the hem, and the hem drawn. */
function shapedHalf(half: HalfEdges, { hem, hemRise, flare }: BodiceChoices, levels: Levels): ShapedHalf {
  const raised = hem === "curved" ? raisedFoot(half.side, hemRise) : half.side;
  const side = flared(raised, flareLevel(levels, endOf(raised).y), flare);
  const lower =
    hem === "curved"
      ? curvedHem(side, half.centre)
      : flare > 0 || isSloping(side, half.centre)
        ? hemBetween(side, half.centre)
        : line(endOf(side), endOf(half.centre));
  return { ...half, side, hem: lower };
}

/** Does the centre reach lower than the side, or end above it? Then the hem runs square into both. */
function isSloping(side: Path, centre: Path): boolean {
  return Math.abs(endOf(side).y - endOf(centre).y) > SLOPING_MM;
}

const SLOPING_MM = 1.5;

/** A flare begins at the hip where the hem lies well below it, else at the waist: over a short drop it would kick out. */
function flareLevel({ waist, hip }: Levels, hem: number): number {
  if (hip !== null && hip < hem - WELL_BELOW_MM) return hip;
  return waist ?? Number.POSITIVE_INFINITY;
}

const WELL_BELOW_MM = 200;

function innerLine({ half: { side, inner } }: HalfEdges, name: string): Path | null {
  return inner.find(({ id }) => id === `${side}.${name}`)?.path ?? null;
}

function hasPrincess(half: HalfEdges): boolean {
  return innerLine(half, "princess") !== null;
}

function cutsOf(half: ShapedHalf, { panels }: BodiceChoices): readonly Cut[] {
  const princess = panels === "whole" ? null : innerLine(half, "princess");
  if (!princess) return [];
  const top = [...half.neck, ...half.outer];
  const outline = [...top.flatMap(({ path }) => path), ...half.side, ...half.hem, ...reversePath(half.centre)];
  const found = cutFromTop(top, outline, princess);
  if (!found) return [];
  // Where a bust dart is taken up by the seam, the panel beyond it has an edge of its own.
  const own = innerLine(half, "princessOuter");
  const beyond = own ? cutFromTop(top, outline, own) : found;
  if (!beyond) return [];
  const [place, after] = [beforeMouth(top, found.place), afterMouth(top, beyond.place)];
  const inner = downToHem(
    [...startingAt(found.path, pointOn(top, place)), ...(innerLine(half, "dartInner") ?? [])],
    half.hem,
  );
  const outer = downToHem(
    [...startingAt(beyond.path, pointOn(top, after)), ...(innerLine(half, "dartOuter") ?? [])],
    half.hem,
  );
  if (!inner || !outer) return [];
  const first: Cut = { id: "princess", place, after, inner, outer };
  const second = panels === "split" ? lengthwise(top, after, outer, half) : null;
  return second ? [first, second] : [first];
}

const MOUTHS: readonly string[] = ["shoulderDart", "armholeDart", "neckDart"];

/** A place on the mouth of a dart is that of the edge before it, or after it. */
function beforeMouth(top: readonly Edge[], place: TopPlace): TopPlace {
  const [edge, before] = [top[place.index], top[place.index - 1]];
  return edge && before && MOUTHS.includes(edge.id) ? { index: place.index - 1, at: before.length } : place;
}

function afterMouth(top: readonly Edge[], place: TopPlace): TopPlace {
  const [edge, next] = [top[place.index], top[place.index + 1]];
  if (edge && MOUTHS.includes(edge.id)) return { index: place.index + 1, at: 0 };
  const isAtEnd = edge && next && MOUTHS.includes(next.id) && place.at > edge.length - SEEN_MM;
  return isAtEnd ? { index: place.index + 2, at: 0 } : place;
}

/** A seam ruled on, upright, from its end to the hem; null where it has gone past it. */
function downToHem(path: Path, hem: Path): Path | null {
  const end = endOf(path);
  const at = hemAt(hem, end.x);
  if (at === null) return null;
  const foot = along(hem, at).point;
  if (foot.y < end.y - SEEN_MM) return null;
  return foot.y - end.y <= SEEN_MM ? path : [...path, ...line(end, foot)];
}

const ARMHOLES: readonly string[] = ["armhole", "armholeLower", "lowerArmhole"];

/** The side panel cut again, from the middle of what it has of the armhole straight to the middle of its hem. */
function lengthwise(top: readonly Edge[], after: TopPlace, outer: Path, { side, hem }: ShapedHalf): Cut | null {
  const index = top.findLastIndex(({ id }) => ARMHOLES.includes(id));
  const edge = top[index];
  if (!edge || index < after.index) return null;
  const from = index === after.index ? after.at : 0;
  const [near, far] = [endOf(outer).x, endOf(side).x];
  const at = hemAt(hem, (near + far) / 2);
  if (at === null || edge.length - from < LEAST_TOP_MM) return null;
  const foot = along(hem, at).point;
  // From further down where the line would run out through the hollow of the armhole.
  for (const share of SPLIT_SHARES) {
    const place = { index, at: from + (edge.length - from) * share };
    const path = line(pointOn(top, place), foot);
    if (!pathsCross(subpath(edge.path, place.at + CLEAR_MM, edge.length), path))
      return { id: "split", place, after: place, inner: path, outer: path };
  }
  return null;
}

/** Where on its armhole a side panel is split: at the middle of it, or as little below as it has to be. */
const SPLIT_SHARES = [0.5, 0.6, 0.7, 0.8, 0.9];
const CLEAR_MM = 1;

/** Narrower at the top a panel comes to a point. Our own limit. */
const LEAST_TOP_MM = 30;

const PLACES = { 0: [""], 1: ["Centre", "Side"], 2: ["Centre", "Middle", "Side"] } as const;

function cutApart(half: ShapedHalf, cuts: readonly Cut[], { flare }: BodiceChoices, levels: Levels): readonly Panel[] {
  const { side } = half.half;
  const name = side === "front" ? "Front" : "Back";
  const parts = PLACES[cuts.length as 0 | 1 | 2];
  const level = flareLevel(levels, endOf(half.side).y);
  let rest: readonly Edge[] = [...half.neck, ...half.outer];
  let gone = 0;
  return parts.map((part, i): Panel => {
    const [before, after] = [cuts[i - 1], cuts[i]];
    const at = (place: TopPlace) => ({ index: place.index - gone, at: atIn(rest, place, gone, half) });
    const top = after ? splitAt(rest, at(after.place))[0] : rest;
    const others = after ? splitAt(rest, at(after.after))[1] : [];
    gone = after ? after.after.index : gone;
    rest = others;
    const left = before
      ? edge(before.id, "seam", seamName(before.id), flared(before.outer, level, -flare))
      : edge("centre", "centre", `Centre ${side}`, half.centre);
    const right = after
      ? edge(after.id, "seam", seamName(after.id), flared(after.inner, level, flare))
      : edge("side", "side", `${name} side${half.half.isMadeUpBelow ? ", made up" : ""}`, half.side);
    const hem = hemOf(half, flare, left.path, right.path);
    return {
      id: `${side}${part}`,
      name: part === "" ? name : `${name} ${part.toLowerCase()}`,
      side,
      top,
      right,
      bottom: bottomEdges(
        `${name} hem${half.half.isMadeUpBelow ? ", made up" : ""}`,
        hem,
        cuts.length === 0 ? half : null,
      ),
      left,
      darts: dartsIn(half, cuts, [
        ...top.flatMap(({ path }) => path),
        ...right.path,
        ...hem,
        ...reversePath(left.path),
      ]),
      isAtCentre: i === 0,
      endsAtWaist: false,
      startsAtWaist: false,
    };
  });
}

/** Where a cut lies on an edge of which the panels before may have taken the beginning. */
function atIn(rest: readonly Edge[], { index, at }: TopPlace, gone: number, half: HalfEdges): number {
  const whole = [...half.neck, ...half.outer][index];
  const left = rest[index - gone];
  return whole && left ? at - (whole.length - left.length) : at;
}

function seamName(id: string): string {
  return id === "princess" ? "Princess seam" : "Panel seam";
}

function hemOf({ hem }: ShapedHalf, flare: number, left: Path, right: Path): Path {
  if (flare > 0) return hemBetween(right, left);
  const [from, to] = [hemAt(hem, endOf(right).x), hemAt(hem, endOf(left).x)];
  return from === null || to === null || to - from < SEEN_MM ? line(endOf(right), endOf(left)) : subpath(hem, from, to);
}

/** The hem in one edge, or either side of the mouth of a dart that is open there. */
function bottomEdges(name: string, hem: Path, half: ShapedHalf | null): readonly Edge[] {
  const [outerLeg, innerLeg] = ["dartOuter", "dartInner"].map((leg) => half && innerLine(half, leg));
  const [outer, inner] = [outerLeg, innerLeg].map((leg) => (leg ? nearHem(hem, endOf(leg)) : null));
  if (!outerLeg || !innerLeg) return [edge("hem", "hem", name, hem)];
  if (outer === null || outer === undefined || inner === null || inner === undefined || inner <= outer)
    return [edge("hem", "hem", name, hem)];
  // It is pressed to the centre.
  const mouth = mouthOfLegs(innerLeg, outerLeg, along(hem, inner + FOOT_MM).point);
  return [
    edge("hem", "hem", `${name}, to the dart`, subpath(hem, 0, outer)),
    edge("hemDart", "hem", "Mouth of the waist dart", mouth ? reversePath(mouth) : subpath(hem, outer, inner)),
    edge("hemInner", "hem", `${name}, from the dart`, subpath(hem, inner, pathLength(hem))),
  ];
}

/** Over so much of it the hem beside a dart is looked at. */
const FOOT_MM = 8;

/** Where on the hem a leg ends; null for one that closes above it. */
function nearHem(hem: Path, end: Point): number | null {
  const at = hemAt(hem, end.x);
  return at !== null && Math.abs(along(hem, at).point.y - end.y) < SEEN_MM ? at : null;
}

const OF_PRINCESS: readonly string[] = ["princess", "princessOuter", "dartInner", "dartOuter"];

/** The darts of the half that lie in this part of it; those that it was cut along are gone. */
function dartsIn({ half, slashes }: ShapedHalf, cuts: readonly Cut[], outline: Path): readonly Path[] {
  const corners = flatten(outline);
  const isInside = (path: Path) => contains(corners, along(path, pathLength(path) / 2).point);
  const lines = half.inner
    .filter(({ id, kind }) => kind === "seam" && id !== "front.buttonStand")
    .filter(({ id }) => cuts.length === 0 || !OF_PRINCESS.some((name) => id === `${half.side}.${name}`))
    .map(({ path }) => path);
  return [...lines, ...slashes].filter(isInside);
}

function edgesOf(side: Side, panels: readonly Panel[]): ReadonlyMap<string, readonly string[]> {
  const found = new Map<string, string[]>();
  const put = (panel: Panel, { id }: Edge) => {
    const name = `${side}.${id}`;
    found.set(name, [...(found.get(name) ?? []), `${panel.id}.${id}`]);
  };
  for (const panel of panels) {
    for (const one of panel.startsAtWaist ? [] : panel.top) put(panel, one);
    if (panel.right.id === "side") put(panel, panel.right);
  }
  // Along the outline the hem runs from the side inwards.
  for (const panel of [...panels].reverse()) for (const one of panel.endsAtWaist ? [] : panel.bottom) put(panel, one);
  for (const panel of panels) if (panel.left.id === "centre") put(panel, panel.left);
  return found;
}
