import { type Block, draftBlock, levelOf, SIDES, type TypedFigure } from "../block";
import { collarOf } from "../collar";
import { length, phrase } from "../draft";
import { findRoot, SOLVED_MM } from "../geometry";
import { styleOf } from "../sleeve/all-styles";
import type { SpecChange } from "../spec";
import { isWithin } from "../spec";
import type { DraftedGarment } from "./drafted-garment";
import { type Finding, type Remedy, solvedLater } from "./finding";
import type { Drafted } from "./judge-girths";

type Curve = "armhole" | "neckline";

/** An armhole or a neckline that was read over a drafted block: by how much they differ, and the ways to make them one. */
export function judgeReadOver({ spec, resolved: { block: from }, built }: DraftedGarment): readonly Finding[] {
  const { block, forSleeve, forCollar } = built;
  if (from.source !== "drafted" || !block || !forSleeve || !forCollar) return [];
  const { read } = from;
  const isRead = (one: Curve) =>
    SIDES.some((side) => read[one][side] !== null) || (one === "armhole" && read.armholeDepth !== null);
  const ofSleeve = spec.sleeve && styleOf(spec.sleeve.kind)?.family === "bodice";
  const ofCollar = ofSleeve || (spec.collar && collarOf(spec.collar.kind).frontEdge === "grown");
  return [
    ...(isRead("armhole") && ofSleeve ? [readInVain("armhole")] : []),
    ...(isRead("neckline") && ofCollar ? [readInVain("neckline")] : []),
    ...(isRead("armhole") && !ofSleeve ? differing("armhole", from, block, forSleeve) : []),
    ...(isRead("neckline") && !ofCollar ? necklineRead(from, block, forCollar) : []),
  ];
}

function necklineRead(from: Drafted, block: Block, fitted: Block): readonly Finding[] {
  if (fitted !== block) return differing("neckline", from, block, fitted);
  const wanted = SIDES.reduce((sum, side) => sum + (from.read.neckline[side] ?? block[side].neckline.length), 0);
  return [
    {
      code: "neckline-read-fits-none",
      severity: "fault",
      station: "block",
      message: phrase`No neckline of this shape is ${length(2 * wanted)} round with its halves as they were read: the collar is fitted to the drafted one.`,
      reason: phrase`One of the readings slipped, or it is of another neckline.`,
      numbers: { read: 2 * wanted, drafted: neckOf(block) },
      remedies: [dropped("neckline")],
    },
  ];
}

const neckOf = ({ front, back }: Block) => 2 * (front.neckline.length + back.neckline.length);
const armholeOf = ({ front, back }: Block) => front.armhole.length + back.armhole.length;

/** Nothing that is less is told: a tape is not read more closely. Millimetres. */
const READ_TO_MM = 0.05;

function differing(one: Curve, from: Drafted, block: Block, fitted: Block): readonly Finding[] {
  const apart = SIDES.some((side) => Math.abs(fitted[side][one].length - block[side][one].length) > READ_TO_MM);
  if (!apart) return [];
  const girth = one === "armhole" ? armholeOf : neckOf;
  const [read, drafted] = [girth(fitted), girth(block)];
  return [
    solvedLater(
      {
        code: `${one}-read-over`,
        severity: "note",
        station: "block",
        message:
          one === "armhole"
            ? phrase`The armhole was read as ${length(read)}, and the block’s is ${length(drafted)}: the sleeve is fitted to the reading, front and back stay as they are drafted.`
            : phrase`The neckline was read as ${length(read)}, and the block’s is ${length(drafted)}: the collar is fitted to the reading, front and back stay as they are drafted.`,
        reason: phrase`Cut from these sheets, front and back do not have the edge that was read; take the reading into the block if they are to be cut.`,
        numbers: { read, drafted, apart: read - drafted },
      },
      () => [...intoBlock(one, from, block, read, drafted), dropped(one)],
    ),
  ];
}

const READ_OF = {
  armhole: { frontArmhole: undefined, backArmhole: undefined, armholeDepth: undefined },
  neckline: { frontNeckline: undefined, backNeckline: undefined },
} as const;

function dropped(one: Curve): Remedy {
  const label =
    one === "armhole" ? phrase`Leave the armhole as it is drafted` : phrase`Leave the neckline as it is drafted`;
  return { id: `drop-${one}-read`, label, change: { block: { read: READ_OF[one] } } };
}

function readInVain(one: Curve): Finding {
  return {
    code: `${one}-read-in-vain`,
    severity: "note",
    station: "block",
    message:
      one === "armhole"
        ? phrase`An armhole was read, and this sleeve takes a part of front and back along: it is cut from them as they are drafted.`
        : phrase`A neckline was read, and this garment has none of its own: it is cut together with the sleeve or with the collar.`,
    reason: phrase`Nothing is fitted to the reading.`,
    numbers: {},
    remedies: [dropped(one)],
  };
}

/** The block drafted with the girth that was read: by its ease where it is solved, else by the one figure that sets it. */
function intoBlock(one: Curve, from: Drafted, block: Block, read: number, drafted: number): readonly Remedy[] {
  const label =
    one === "armhole"
      ? phrase`Draft front and back with an armhole of ${length(read)}`
      : phrase`Draft front and back with a neckline of ${length(read)}`;
  const id = `take-in-${one}`;
  const made = (change: NonNullable<SpecChange["block"]>): readonly Remedy[] => [
    { id, label, change: { block: { ...change, read: READ_OF[one] } } },
  ];
  if (from.school === "fitted") {
    const ease = from.task.ease[one] + read - drafted;
    const freed =
      one === "armhole"
        ? { chestLevel: undefined }
        : { frontNeckWidth: undefined, backNeckWidth: undefined, frontNeckDepth: undefined, backNeckDepth: undefined };
    return isWithin(`block.ease.${one}`, ease) ? made({ ...freed, ease: { [one]: ease } }) : [];
  }
  const figure: TypedFigure = one === "armhole" ? "chestLevel" : "frontNeckDepth";
  const now = one === "armhole" ? levelOf(block, "chest") : null;
  const begin = now ?? block.front.neckline.path[0]?.[0].y ?? 0;
  const girth = one === "armhole" ? armholeOf : neckOf;
  const miss = (value: number) => {
    const tried = draftBlock(from.body, { ...from.choices, typed: { ...from.choices.typed, [figure]: value } });
    return tried.ok ? girth(tried.block) - read : Number.NaN;
  };
  const [low, high] = one === "armhole" ? [begin - SEARCH_MM, begin + SEARCH_MM] : [LEAST_NECK_MM, MOST_NECK_MM];
  const root = findRoot(miss, low, high, SOLVED_MM);
  return root.converged && isWithin(`block.${figure}`, root.value) ? made({ [figure]: root.value }) : [];
}

const SEARCH_MM = 80;
const LEAST_NECK_MM = 30;
const MOST_NECK_MM = 250;
