import type { BlockMeasured, FittedEase } from "../block";
import { length, phrase } from "../draft";
import type { GarmentSpec, SpecChange } from "../spec";
import type { DraftedGarment } from "./drafted-garment";
import type { Finding, Remedy } from "./finding";

/** A garment with less than this share of its usual ease is tight; one with more than twice of it and so much besides is wide. */
const LEAST_SHARE = 0.6;
const WIDE = { share: 2, more: 60 } as const;
export type Drafted = Extract<DraftedGarment["resolved"]["block"], { readonly source: "drafted" }>;

/** A drafted block as it is judged: against what its garment usually has, and measured on its own lines. */
export type About = {
  readonly spec: GarmentSpec;
  readonly from: Drafted;
  readonly usual: FittedEase;
  readonly measured: BlockMeasured;
};

export const blockFinding = (finding: Omit<Finding, "station">): Finding => ({ station: "block", ...finding });

const GIRTHS = [
  { level: "bust", name: "bust", quarter: "chestEase" },
  { level: "waist", name: "waist", quarter: "waistEase" },
  { level: "hip", name: "hip", quarter: "hipEase" },
] as const;

/** Too little room at bust, waist or hip, and much too much at the bust. */
export function girthFindings({ from, usual, measured }: About): readonly Finding[] {
  return GIRTHS.flatMap(({ level, name, quarter }): Finding[] => {
    const around = measured[level];
    if (around === null) return [];
    const body = from.body[level];
    const room = around - body;
    const wanted = usual[level];
    const numbers = { room, wanted, around, body };
    if (room < wanted * LEAST_SHARE - SLACK_MM) {
      return [
        blockFinding({
          code: `tight-at-${level}`,
          severity: "warning",
          message: phrase`At the ${name} the block is ${length(around)} round and the body ${length(body)}: ${length(room)} of room, where ${length(wanted)} is usual for this garment and its cloth.`,
          reason: phrase`A garment without room draws tight there, rides up, and does not close.`,
          numbers,
          remedies: [easeRemedy(from, level, quarter, room, wanted), ...otherSchool(from)],
        }),
      ];
    }
    const isWide = level === "bust" && from.choices.gathers === "none" && from.choices.style !== "dropped";
    if (isWide && room > wanted * WIDE.share + WIDE.more) {
      return [
        blockFinding({
          code: `wide-at-${level}`,
          severity: "note",
          message: phrase`At the ${name} the block is ${length(around)} round and the body ${length(body)}: ${length(room)} of room, where ${length(wanted)} is usual for this garment and its cloth.`,
          reason: phrase`More room than that hangs in folds; it may be meant so.`,
          numbers,
          remedies: [easeRemedy(from, level, quarter, room, wanted)],
        }),
      ];
    }
    return [];
  });
}

/** What is missing by less is not told. Millimetres. */
export const SLACK_MM = 0.5;

/** The usual ease: left to itself where the block is solved, and by so much more or less in each quarter by the quick rules. */
function easeRemedy(
  from: Drafted,
  level: "bust" | "waist" | "hip",
  quarter: "chestEase" | "waistEase" | "hipEase",
  room: number,
  wanted: number,
): Remedy {
  const label = phrase`Give it the usual ${length(wanted)}`;
  const id = `usual-ease-${level}`;
  if (from.school === "fitted")
    return {
      id,
      label,
      change: { block: { ease: { [level]: undefined }, [quarter]: undefined, dartIntake: undefined } },
    };
  const now = from.choices[quarter];
  return { id, label, change: { block: { [quarter]: now + (wanted - room) / 4 } } };
}

/** What was typed for a block by the quick rules is not carried over into one that is solved. */
const SOLVED_INSTEAD: NonNullable<SpecChange["block"]> = {
  school: "fitted",
  chestEase: undefined,
  waistEase: undefined,
  hipEase: undefined,
  frontNeckWidth: undefined,
  backNeckWidth: undefined,
  backNeckDepth: undefined,
  frontInset: undefined,
  backInset: undefined,
  chestLevel: undefined,
  waistLevel: undefined,
  hipLevel: undefined,
  backHigher: undefined,
  shoulderEase: undefined,
  dartIntake: undefined,
};

/** A block by the quick rules can be solved from the body instead. */
export function otherSchool({ school }: Drafted): readonly Remedy[] {
  return school === "quick"
    ? [{ id: "fitted-block", label: phrase`Solve the block from the body instead`, change: { block: SOLVED_INSTEAD } }]
    : [];
}
