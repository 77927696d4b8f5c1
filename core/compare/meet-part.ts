import { type AlterationKind, alterBlock, type Block, isOfDrawing } from "../block";
import { change as by, type Phrase, phrase } from "../draft";
import { type Garment, sketchGarment } from "../garment";
import { findRoot, SOLVED_MM } from "../geometry";
import { applyChange, type SpecChange } from "../spec";

/** The edge that gives: the armhole of one arm, or the whole neckline. */
export type GivingEdge = "armhole" | "neckline";

/** One way in which an edge of the bodice comes to measure what is asked. Millimetres. */
export type EdgeWay = {
  readonly id: string;
  readonly says: Phrase;
  readonly change: SpecChange;
  /** What the edge measures then, on the garment drafted so. */
  readonly edge: number;
};

type Range = { readonly least: number; readonly most: number };

/** The alterations that change an edge, and how far each is taken. Our own limits. */
const WAYS: Readonly<Record<GivingEdge, readonly (readonly [AlterationKind, Range, Phrase])[]>> = {
  armhole: [
    ["lower-armhole", { least: -40, most: 120 }, phrase`Lower the armhole`],
    ["move-armhole-out", { least: -25, most: 60 }, phrase`Move the armhole out`],
    ["raise-shoulder-point", { least: 0, most: 30 }, phrase`Raise the shoulder point`],
  ],
  neckline: [
    ["widen-neckline", { least: 0, most: 60 }, phrase`Widen the neckline`],
    ["deepen-front-neck", { least: 0, most: 150 }, phrase`Deepen the front neck`],
    ["deepen-back-neck", { least: 0, most: 60 }, phrase`Deepen the back neck`],
  ],
};

const TRIES = 12;
const NEARER = 0.8;

/** How near an edge has to come: a part that exists is sewn to it as it is. */
export const MEETS_MM = 0.01;

/** How long an edge of the block is, in millimetres: both halves of an armhole, or all of the neckline. */
export function edgeLength({ front, back }: Pick<Block, "front" | "back">, edge: GivingEdge): number {
  return edge === "armhole"
    ? front.armhole.length + back.armhole.length
    : 2 * (front.neckline.length + back.neckline.length);
}

/**
 * The ways in which the bodice of a garment comes to fit a part that exists, its edge being `wanted` millimetres long then: each solved by itself, drafted
 * and measured again. Only those that meet it within MEETS_MM and give the garment no new fault; none where it has no block.
 */
export function waysToMeet(garment: Garment, edge: GivingEdge, wanted: number): readonly EdgeWay[] {
  const { block } = garment;
  if (!block) return [];
  const drawn = WAYS[edge].flatMap(([kind, range, says]) =>
    byAlteration(garment, block, edge, wanted, kind, range, says),
  );
  return [...bySolving(garment, block, edge, wanted), ...drawn];
}

function byAlteration(
  garment: Garment,
  block: Block,
  edge: GivingEdge,
  wanted: number,
  kind: AlterationKind,
  { least, most }: Range,
  says: Phrase,
): readonly EdgeWay[] {
  const altered = (amount: number) => {
    const one = { kind, by: amount };
    return isOfDrawing(one) ? alterBlock(block, [one]) : null;
  };
  // Towards either end no block may be drawn any more: the range ends before that.
  const reach = (end: number) => {
    for (let to = end, tries = 0; tries < TRIES; tries++, to *= NEARER)
      if (altered(to)?.taken[0]?.leftOut === null) return to;
    return 0;
  };
  const off = (amount: number) => edgeLength(altered(amount)?.block ?? block, edge) - wanted;
  const root = findRoot(off, reach(least), reach(most), SOLVED_MM);
  if (!root.converged || root.value === 0) return [];
  const alterations = [...garment.resolved.block.alterations, { kind, by: root.value }];
  return drafted(
    garment,
    { id: kind, says: phrase`${says}: ${by(root.value)}`, change: { block: { alterations } } },
    edge,
    wanted,
  );
}

/** A block that is solved from the body is solved anew with another ease there: its curves keep their shape. */
function bySolving(garment: Garment, block: Block, edge: GivingEdge, wanted: number): readonly EdgeWay[] {
  const from = garment.resolved.block;
  if (from.source !== "drafted" || from.school !== "fitted") return [];
  const more = wanted - edgeLength(block, edge);
  const change: SpecChange = { block: { ease: { [edge]: from.task.ease[edge] + more } } };
  return drafted(
    garment,
    { id: "ease", says: phrase`Draft the ${edge} anew, its ease ${by(more)}`, change },
    edge,
    wanted,
  );
}

/** The way with what its edge measures once it is drafted; none where that misses what is wanted, or gives a new fault. */
function drafted(garment: Garment, way: Omit<EdgeWay, "edge">, edge: GivingEdge, wanted: number): readonly EdgeWay[] {
  const after = sketchGarment(applyChange(garment.spec, way.change), garment);
  const length = after.block ? edgeLength(after.block, edge) : Number.NaN;
  const faults = (of: Garment) => of.findings.filter(({ severity }) => severity === "fault").map(({ code }) => code);
  const before = faults(garment);
  const isSound = Math.abs(length - wanted) <= MEETS_MM && faults(after).every((code) => before.includes(code));
  return isSound ? [{ ...way, edge: length }] : [];
}
