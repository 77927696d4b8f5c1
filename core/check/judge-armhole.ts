import type { ArmholeContradiction } from "../block";
import { length, phrase } from "../draft";
import type { Finding } from "./finding";

type Armhole = { readonly front: number; readonly back: number; readonly depth: number };

/** A nearest depth is given to the half millimetre that lies on the possible side, so that taking it resolves the matter. */
const STEP_MM = 0.5;

export function judgeContradiction(c: ArmholeContradiction): Finding {
  const isShort = c.length < c.least;
  const depth = isShort
    ? Math.floor(c.nearestDepth / STEP_MM) * STEP_MM
    : Math.ceil(c.nearestDepth / STEP_MM) * STEP_MM;
  const nearest = isShort ? c.least : c.most;
  const reading = isShort ? Math.ceil(c.least / STEP_MM) * STEP_MM : Math.floor(c.most / STEP_MM) * STEP_MM;
  return {
    code: "armhole-contradiction",
    severity: "fault",
    station: "block",
    message: phrase`The ${c.side} armhole reads ${length(c.length)}, but at a depth of ${length(c.depth)} it can measure from ${length(c.least)} to ${length(c.most)}: the two readings are ${length(Math.abs(c.length - nearest))} apart.`,
    reason: phrase`No armhole curve honours both, so one of the two was read wrong: measure the curve with the tape on its edge, and the depth straight down from the shoulder point.`,
    numbers: { length: c.length, depth: c.depth, least: c.least, most: c.most },
    remedies: [
      {
        id: "take-depth",
        label: phrase`Take the depth as ${length(depth)}`,
        change: { block: { armhole: { depth } } },
      },
      {
        id: "take-length",
        label: phrase`Take the ${c.side} armhole as ${length(reading)}`,
        change: { block: { armhole: { [c.side]: reading } } },
      },
    ],
  };
}

/** Front armholes are hollowed more and run shorter than back ones; the other way round is usually a slip. */
export function judgeFrontAndBack({ front, back }: Armhole): readonly Finding[] {
  if (front <= back) return [];
  return [
    {
      code: "armhole-front-longer",
      severity: "warning",
      station: "block",
      message: phrase`The front armhole is ${length(front - back)} longer than the back.`,
      reason: phrase`The back is usually the longer one, so the two readings may have changed places; the sleeve's notches and ease would then sit on the wrong side.`,
      numbers: { front, back, difference: front - back },
      remedies: [
        {
          id: "swap-front-back",
          label: phrase`Swap front and back`,
          change: { block: { armhole: { front: back, back: front } } },
        },
      ],
    },
  ];
}
