import { length, phrase } from "../draft";
import {
  hemWidthOf,
  LEAST_BELOW_CAP_MM,
  LEAST_UNDER_MM,
  roomForSeams,
  type SetInSleeve,
  type SetInTask,
} from "../sleeve/set-in";
import type { Finding } from "./finding";

/** A hem that the hand only just passes still drags; this much more passes easily. From memory. */
export const PASSING_EASE_MM = 6;
/** 1 in, from memory. */
const USUAL_TURN_UP_MM = 25.4;
/** Room that a sleeve found too short is given below its cap line. */
const SHORT_SLEEVE_MM = 60;

/** Will the hand pass the hem of a long sleeve? Only asked when the hand was measured. */
export function judgeHand(sleeve: SetInSleeve, hand: number | undefined, wristEaseNow: number): readonly Finding[] {
  const width = hemWidthOf(sleeve.outline, sleeve.twoPiece);
  if (hand === undefined || width >= hand) return [];
  const wristEase = wristEaseNow + (hand - width) + PASSING_EASE_MM;
  return [
    {
      code: "hand-will-not-pass",
      severity: "warning",
      station: "sleeve",
      message: phrase`The hem is ${length(width)} round and the hand ${length(hand)}: it will not pass without an opening.`,
      reason: phrase`A sleeve that cannot be pulled on needs a wider hem, a placket or elastic.`,
      numbers: { hem: width, hand },
      remedies: [
        {
          id: "widen-hem",
          label: phrase`Widen the hem to ${length(hand + PASSING_EASE_MM)}`,
          change: { sleeve: { wristEase } },
        },
      ],
    },
  ];
}

/** A turn-up deeper than the seam above its hem has nothing to lie on. */
export function judgeTurnUp(task: SetInTask, sleeve: SetInSleeve): readonly Finding[] {
  const { turnUp, length: sleeveLength } = task.lengths;
  if (turnUp <= 0 || sleeve.outline.turnUp) return [];
  const room = sleeveLength - sleeve.frame.height;
  const shallower = Math.min(USUAL_TURN_UP_MM, room / 2);
  return [
    {
      code: "turn-up-too-deep",
      severity: "fault",
      station: "sleeve",
      message: phrase`The hem is turned up by ${length(turnUp)}, and only ${length(room)} of seam lies above it: it is drawn without.`,
      reason: phrase`A turn-up that reaches past the cap line has no sleeve to lie on.`,
      numbers: { turnUp, room },
      remedies: [
        {
          id: "shallower-turn-up",
          label: phrase`Turn up ${length(shallower)}`,
          change: { sleeve: { hemTurnUp: shallower } },
        },
      ],
    },
  ];
}

/** Set under by so much, the seams leave an under sleeve that can be sewn. Our own figure. */
const SEWABLE_UNDER_MM = 50;

/** Seams set so far under the arm that hardly an under sleeve is left: it is drawn in one piece. */
export function judgeUnderSleeve(task: SetInTask, sleeve: SetInSleeve): readonly Finding[] {
  if (!task.twoPiece || sleeve.twoPiece) return [];
  const { frontUnder, backUnder } = task.twoPiece;
  const room = roomForSeams(sleeve.outline, task.lengths);
  const under = room - frontUnder - backUnder;
  const share = (room - SEWABLE_UNDER_MM) / (frontUnder + backUnder);
  return [
    {
      code: "under-sleeve-too-narrow",
      severity: "fault",
      station: "sleeve",
      message: phrase`Folded, the sleeve is ${length(room)} wide where it is narrowest, and its seams are set under by ${length(frontUnder + backUnder)} together: ${under > 0 ? phrase`${length(under)} is left for the under sleeve` : "nothing is left for the under sleeve"}. It is drawn in one piece.`,
      reason: phrase`An under sleeve narrower than ${length(LEAST_UNDER_MM)} cannot be sewn.`,
      numbers: { room, under },
      remedies: [
        ...(share > 0 && share < 1
          ? [
              {
                id: "seams-less-under",
                label: phrase`Set them under by ${length(frontUnder * share)} and ${length(backUnder * share)}`,
                change: { sleeve: { frontSeamUnder: frontUnder * share, backSeamUnder: backUnder * share } },
              },
            ]
          : []),
        { id: "one-piece", label: phrase`Cut it in one piece`, change: { sleeve: { cut: "one-piece" } } },
      ],
    },
  ];
}

/** An elbow dart that has no place: the sleeve ends above the elbow, or its two seams bend there already. */
export function judgeElbowDart(task: SetInTask, sleeve: SetInSleeve): readonly Finding[] {
  const { elbowDart, elbowLevel } = task.lengths;
  if (elbowDart <= 0 || sleeve.outline.elbowDart) return [];
  return [
    {
      code: "elbow-dart-left-out",
      severity: "note",
      station: "sleeve",
      message: task.twoPiece
        ? phrase`The elbow dart of ${length(elbowDart)} is left out: the seams of a two-piece sleeve bend at the elbow.`
        : phrase`The elbow dart of ${length(elbowDart)} is left out: the sleeve has no elbow line, which would lie ${length(elbowLevel)} below the crown.`,
      reason: phrase`A dart in the back seam needs sleeve above and below the elbow.`,
      numbers: { elbowDart, elbowLevel },
      remedies: [
        { id: "no-elbow-dart", label: phrase`Take the dart off`, change: { sleeve: { elbowDart: undefined } } },
      ],
    },
  ];
}

/** A sleeve that would end inside its own cap. */
export function judgeLength({ lengths }: SetInTask, capHeight: number, asked: number): Finding {
  const { length: cut, finishDepth } = lengths;
  const longer = Math.ceil(asked + capHeight + SHORT_SLEEVE_MM - cut);
  const without = finishDepth > 0 ? phrase` without what finishes its hem` : [];
  return {
    code: "sleeve-too-short",
    severity: "fault",
    station: "sleeve",
    message: phrase`The sleeve is ${length(cut)} long${without} and its cap ${length(capHeight)} high: at least ${length(LEAST_BELOW_CAP_MM)} has to be left below the cap line.`,
    reason: phrase`A sleeve that ends in its own cap has no underarm seam.`,
    numbers: { length: cut, capHeight },
    remedies: [
      {
        id: "lengthen-sleeve",
        label: phrase`Make the sleeve ${length(longer)} long`,
        change: { sleeve: { length: longer } },
      },
    ],
  };
}

/** A hem or an elbow so narrow that no sleeve can be drawn. */
export function judgeNarrowHem({ lengths }: SetInTask, least: number, wristEase: number): Finding {
  const { wristWidth, elbowWidth, elbowLevel, length: cut } = lengths;
  const atElbow = cut < elbowLevel || elbowWidth < wristWidth;
  const across = atElbow ? elbowWidth : wristWidth;
  const wider = wristEase + Math.max(0, least - wristWidth) + ROOM_TO_SPARE_MM;
  return {
    code: "hem-too-narrow",
    severity: "fault",
    station: "sleeve",
    message: phrase`With its ease the sleeve is ${length(across)} round at the ${atElbow ? "elbow" : "wrist"}: at the hem it would be narrower than ${length(least)}.`,
    reason: phrase`No sleeve can be drawn so narrow: the arm, or its ease, may have been typed in another unit.`,
    numbers: { across, least },
    remedies: [
      {
        id: "usual-ease-below",
        label: phrase`Take the usual ease at elbow and wrist`,
        change: { sleeve: { elbowEase: undefined, wristEase: undefined } },
      },
      {
        id: "wider-hem",
        label: phrase`Give the wrist ${length(wider)} of ease`,
        change: { sleeve: { wristEase: wider } },
      },
    ],
  };
}

const ROOM_TO_SPARE_MM = 20;

/** A notch set beyond the seam it belongs to, or so high that its second mark falls off. */
export function judgeNotches(
  asked: { readonly front?: number | undefined; readonly back?: number | undefined },
  most: { readonly front: number; readonly back: number },
  usual: { readonly front: number; readonly back: number },
): readonly Finding[] {
  return (["front", "back"] as const).flatMap((side): Finding[] => {
    const at = asked[side];
    if (at === undefined || at <= most[side]) return [];
    return [
      {
        code: "notch-beyond-seam",
        severity: "warning",
        station: "match",
        message: phrase`The ${side} notch is asked for ${length(at)} from the underarm, and the seam leaves room up to ${length(most[side])}; it is drawn at ${length(usual[side])} instead.`,
        reason: phrase`A notch past the crown marks nothing.`,
        numbers: { at, most: most[side] },
        remedies: [
          {
            id: `usual-${side}-notch`,
            label: phrase`Set it at ${length(usual[side])}`,
            change: { sleeve: { notches: { [side]: usual[side] } } },
          },
        ],
      },
    ];
  });
}
