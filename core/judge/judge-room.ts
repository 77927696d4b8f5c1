import { type Block, type EaseGarment, levelOf, measureBlock, usualEase, usualGarment } from "../block";
import { collarOf } from "../collar";
import { length, type Phrase, phrase } from "../draft";
import { along, distance, endOf, lengthAtHeight, startOf } from "../geometry";
import type { DraftedGarment } from "./drafted-garment";
import type { Finding } from "./finding";
import { type About, blockFinding, type Drafted, girthFindings, otherSchool, SLACK_MM } from "./judge-girths";

/** Of an armhole: less of its usual ease, and more, are told. */
const ARMHOLE = { least: 0.4, most: 2.2, more: 30 } as const;
/** A neckline may be so much longer than the neck it lies round before a collar on it leans. */
const NECKLINE_MORE_MM = 25;
/** Shoulder seams may differ by what a cloth eases in; a back that is the shorter one by so much is a slip. */
const SHOULDER_EASE_MM = 14;
const SHOULDER_SHORT_MM = 2;
/** Front neck to waist, as drafted and as read, agree within so much. */
const FRONT_CENTRE_MM = 15;

/** What a drafted block has of room over the body at each level, against what its garment and its cloth want. Millimetres. */
export function judgeRoom({ spec, resolved, built }: DraftedGarment): readonly Finding[] {
  const { block } = built;
  const from = resolved.block;
  if (!block || from.source !== "drafted" || spec.block.source !== "drafted") return [];
  const garment = garmentOf(from);
  const usual = usualEase(garment, resolved.cloth.kind, resolved.body.bust, spec.block.workroomEase);
  const measured = measureBlock(block);
  const about = { spec, from, usual, measured };
  return [
    ...girthFindings(about),
    ...armholeFinding(about),
    ...necklineFinding(about),
    ...shoulderFinding(about),
    ...acrossFindings(about, block),
    ...frontCentreFinding(about, block),
  ];
}

/** What a block by the quick rules is made as, where nobody said. */
function garmentOf(from: Drafted): EaseGarment {
  return from.school === "fitted" ? from.garment : usualGarment(from.choices.style);
}

function armholeFinding({ from, usual, measured }: About): readonly Finding[] {
  if (from.choices.style === "dropped") return [];
  const body = from.body.armholeGirth;
  const room = measured.armhole - body;
  const [least, most] = [usual.armhole * ARMHOLE.least, usual.armhole * ARMHOLE.most + ARMHOLE.more];
  if (room >= least - SLACK_MM && room <= most + SLACK_MM) return [];
  return [
    blockFinding({
      code: room < least ? "armhole-tight" : "armhole-wide",
      severity: "warning",
      message: phrase`The armhole measures ${length(measured.armhole)} and the armscye ${length(body)}: ${length(room)} of room, where ${length(least)} to ${length(most)} is usual for this garment.`,
      reason:
        room < least
          ? phrase`An armhole without room binds under the arm.`
          : phrase`An armhole so much larger than the arm's own lifts the whole garment with the arm.`,
      numbers: { room, least, most },
      remedies: [
        ...otherSchool(from),
        ...(from.school === "fitted"
          ? [
              {
                id: "usual-armhole",
                label: phrase`Let the armhole be solved with its usual ease`,
                change: {
                  block: {
                    ease: { armhole: undefined },
                    chestLevel: undefined,
                    frontInset: undefined,
                    backInset: undefined,
                  },
                },
              },
            ]
          : []),
      ],
    }),
  ];
}

/** Only where a collar stands on the neckline, or it is a plain round one: a scoop is longer on purpose. */
function necklineFinding({ spec, from, measured }: About): readonly Finding[] {
  const isStanding = spec.collar ? collarOf(spec.collar.kind).standsOnNeckline : false;
  const { typed, neckShape } = from.choices;
  const isTyped = typed.frontNeckDepth !== undefined || typed.frontNeckWidth !== undefined;
  if (neckShape !== "round" || (isTyped && !isStanding)) return [];
  const body = from.body.neckBase;
  const more = measured.neckline - body;
  if (more <= NECKLINE_MORE_MM) return [];
  return [
    blockFinding({
      code: "neckline-over-neck",
      severity: "warning",
      message: phrase`The neckline is ${length(measured.neckline)} round and the neck base ${length(body)}: ${length(more)} longer.`,
      reason: phrase`It lies off the neck, and a stand on it leans in so far that it is a hook on paper.`,
      numbers: { neckline: measured.neckline, neckBase: body, more },
      remedies: [
        ...otherSchool(from),
        ...(from.school === "fitted"
          ? [
              {
                id: "solved-neck",
                label: phrase`Let the neckline be solved from the neck`,
                change: {
                  block: {
                    frontNeckWidth: undefined,
                    backNeckWidth: undefined,
                    frontNeckDepth: undefined,
                    backNeckDepth: undefined,
                    backHigher: undefined,
                    ease: { neckline: undefined },
                  },
                },
              },
            ]
          : []),
      ],
    }),
  ];
}

function shoulderFinding({ from, measured: { shoulder } }: About): readonly Finding[] {
  const longer = shoulder.back - shoulder.front;
  if (longer <= SHOULDER_EASE_MM && longer >= -SHOULDER_SHORT_MM) return [];
  return [
    blockFinding({
      code: "shoulders-of-two-lengths",
      severity: "warning",
      message: phrase`The back shoulder measures ${length(shoulder.back)} and the front one ${length(shoulder.front)}, ${length(Math.abs(longer))} apart.`,
      reason: phrase`A back shoulder may be eased in by up to ${length(SHOULDER_EASE_MM)}; what differs more does not meet at the neck or at the sleeve.`,
      numbers: { front: shoulder.front, back: shoulder.back, longer },
      remedies:
        from.school === "quick"
          ? [
              {
                id: "one-neck-width",
                label: phrase`Draw both necks ${length(neckWidth(from))} wide, on one slope`,
                change: {
                  block: {
                    frontNeckWidth: undefined,
                    backNeckWidth: undefined,
                    frontSlope: from.choices.backSlope,
                    backHigher: undefined,
                    neckShape: "round",
                  },
                },
              },
              ...otherSchool(from),
            ]
          : [
              {
                id: "one-neck-width",
                label: phrase`Let both necks be solved`,
                change: { block: { frontNeckWidth: undefined, backNeckWidth: undefined, backHigher: undefined } },
              },
            ],
    }),
  ];
}

function neckWidth({ choices }: Drafted): number {
  return choices.typed.backNeckWidth ?? choices.typed.frontNeckWidth ?? USUAL_NECK_MM;
}

const USUAL_NECK_MM = 76.2;

/** Across back and front, where they were read: the armhole at half its depth may not lie inside the body's. */
function acrossFindings({ spec, from }: About, block: Block): readonly Finding[] {
  if (from.choices.style === "dropped") return [];
  const read = { back: spec.body.backWidth, front: spec.body.frontWidth };
  return (["back", "front"] as const).flatMap((side): Finding[] => {
    const body = read[side];
    const half = block[side];
    if (body === undefined || half.armholeDart) return [];
    const path = half.armhole.path;
    const level = startOf(path).y + (endOf(path).y - startOf(path).y) / 2;
    if (!(endOf(path).y > startOf(path).y)) return [];
    const across = 2 * along(path, lengthAtHeight(path, level)).point.x;
    if (across >= body - SLACK_MM) return [];
    const words: Phrase = side === "back" ? phrase`Across the back` : phrase`Across the front`;
    return [
      blockFinding({
        code: `narrow-across-${side}`,
        severity: "warning",
        message: phrase`${words} the block is ${length(across)} wide at half the armhole, and the body ${length(body)}.`,
        reason: phrase`It strains there as soon as the arms move forward.`,
        numbers: { across, body },
        remedies: otherSchool(from),
      }),
    ];
  });
}

/** The front neck's depth is right where the way from it to the waist is as it was read. */
function frontCentreFinding({ spec, from }: About, block: Block): readonly Finding[] {
  const read = spec.body.frontCentre;
  if (read === undefined || from.school !== "fitted" || from.choices.neckShape !== "round") return [];
  const waist = levelOf(block, "waist");
  if (waist === null) return [];
  const neck = startOf(block.front.centre);
  const drafted = distance(neck, { x: neck.x, y: waist });
  if (Math.abs(drafted - read) <= FRONT_CENTRE_MM) return [];
  const depth = neck.y + drafted - read;
  return [
    blockFinding({
      code: "front-centre-differs",
      severity: "note",
      message: phrase`From the front neck to the waist the block measures ${length(drafted)}, and the body ${length(read)}.`,
      reason: phrase`The front neck is drawn by the neck's girth; the reading asks for another depth of it, or one of the lengths slipped.`,
      numbers: { drafted, read },
      remedies:
        depth > LEAST_DEPTH_MM
          ? [
              {
                id: "front-neck-by-reading",
                label: phrase`Draw the front neck ${length(depth)} deep`,
                change: { block: { frontNeckDepth: depth } },
              },
            ]
          : [],
    }),
  ];
}

const LEAST_DEPTH_MM = 20;
