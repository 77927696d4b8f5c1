import type { DrawnCollar, OuterEdge } from "../collar";
import { length, phrase } from "../draft";
import type { Seam } from "../pattern";
import type { Finding } from "./finding";
import { collarFinding, remedy } from "./finding";
import { judgeLapel } from "./judge-lapel";
import { type DeepenNeck, developed, judgeStand, TAPE_MM, USUAL_EASE_MM } from "./judge-stand";

const SEAM_MM = 0.01;

/** Every edge that meets another, the upper edge against the neck, the outer edge against the line it lies on, and the lapel. */
export function judgeCollar(drawing: DrawnCollar, seams: readonly Seam[], deepen: DeepenNeck): readonly Finding[] {
  const { outer, turnedOver, lapel, rounded, neckCorner = 0 } = drawing;
  return [
    ...seams.flatMap(judgeSeam),
    ...judgeStand(drawing, deepen),
    ...(turnedOver ? judgeFall(turnedOver) : []),
    ...(outer ? judgeOuterEdge(outer) : []),
    ...(outer && lapel ? judgeSwing(outer, neckCorner) : []),
    ...(lapel ? judgeLapel(lapel) : []),
    ...(rounded ? [judgeRounding(rounded)] : []),
  ];
}

function judgeRounding({ asked, drawn }: { readonly asked: number; readonly drawn: number }): Finding {
  return collarFinding({
    code: "corner-rounded-less",
    severity: "note",
    message: phrase`The front corner was to be rounded by ${length(asked)}; there is room for ${length(drawn)}, and it is drawn so.`,
    reason: phrase`A rounding ends where the height does, and where a fall is sewn on.`,
    numbers: { asked, drawn },
  });
}

function judgeSeam({ id, bodyLength, partLength, ease, bodyName, partName }: Seam): readonly Finding[] {
  if (Math.abs(ease) <= SEAM_MM) return [];
  return [
    collarFinding({
      code: id === "neckline" ? "collar-off-neckline" : "fall-off-stand",
      severity: "fault",
      message: phrase`The ${partName} is ${length(partLength)} and the ${bodyName} ${length(bodyLength)}: it is ${length(Math.abs(ease))} too ${ease > 0 ? "long" : "short"}.`,
      reason: phrase`A collar is sewn to its neckline without ease.`,
      numbers: { bodyLength, partLength },
      remedies: [developed(USUAL_EASE_MM)],
    }),
  ];
}

/** A fall covers the seam of its stand by 10 mm (common practice, no source). */
const COVERS_MM = 10;

function judgeFall({ stand, fall }: NonNullable<DrawnCollar["turnedOver"]>): readonly Finding[] {
  if (fall >= stand + COVERS_MM - 0.01) return [];
  return [
    collarFinding({
      code: "fall-too-short",
      severity: "warning",
      message: phrase`The fall is ${length(fall)} and the stand ${length(stand)}: it ${fall < stand ? "does not cover" : "hardly covers"} the neck seam at the centre back.`,
      reason: phrase`A fall is at least ${length(COVERS_MM)} longer than its stand, or the seam shows.`,
      numbers: { fall, stand },
      remedies: [
        remedy("longer-fall", phrase`Make the fall ${length(stand + COVERS_MM)}`, { fall: stand + COVERS_MM }),
      ],
    }),
  ];
}

function judgeOuterEdge(outer: OuterEdge): readonly Finding[] {
  const { edge, needed, solvedAt, converged, by, at, asked, isTraced, isInformation, rule } = outer;
  const longer = edge - needed;
  const isShort = longer < 0;
  const way = by === "tilt" ? "Swing its end out by" : "Drop its front end by";
  const solve = remedy("solve-outer-edge", phrase`${way} ${length(solvedAt)}, so that both are of one length`, {
    edgeBy: "solved",
    ...(by === "tilt" ? { backCollar: "tilt" as const } : {}),
  });
  const isOutOfReach = asked !== null && Math.abs(asked - at) > OUT_OF_REACH_MM;
  const tooFar = isOutOfReach
    ? [
        collarFinding({
          code: "let-out-too-far",
          severity: "warning",
          message: phrase`The collar’s end was to be let out by ${length(asked ?? 0)}, and ${length(at)} is the most there is: it is drawn so.`,
          reason: phrase`Let out further, the collar would come back over itself.`,
          numbers: { asked: asked ?? 0, at },
          remedies: converged ? [solve] : [],
        }),
      ]
    : [];
  if (Math.abs(longer) <= TAPE_MM) return tooFar;
  // A shirtmaker's own drop is no slip, whatever an exact edge would ask for: the figures tell that.
  if (isInformation && Math.abs(at - rule.at) <= WITHIN_PRACTICE_MM) return tooFar;
  return [
    ...tooFar,
    collarFinding({
      code: isShort ? "collar-rides-up" : "collar-ripples",
      // A traced back is a school of its own: that it lies flatter is a note, and no slip.
      severity: isTraced || isInformation ? "note" : "warning",
      message: phrase`The outer edge is ${length(edge)} from the centre back to the shoulder, and the line it lies on ${length(needed)}: ${length(Math.abs(longer))} too ${isShort ? "short" : "long"}.`,
      reason: isShort
        ? phrase`It rides up, and shows the neck seam.`
        : phrase`It stands away from the garment and ripples.`,
      numbers: { edge, needed },
      remedies: converged ? [solve] : [],
    }),
  ];
}

const OUT_OF_REACH_MM = 0.1;
/** Half an inch more or less than usual is what shirtmakers differ by (from memory). */
const WITHIN_PRACTICE_MM = 12.7;

/** A maker swings a collar's end out by half an inch to 2 1/2 in (common practice, no source). */
const MOST_SWING_MM = 63.5;
/** A neck edge that turns more at the neck point is sewn into a pleat there. Our own limit. */
const MOST_CORNER = (20 * Math.PI) / 180;

function judgeSwing({ at, isTraced }: OuterEdge, corner: number): readonly Finding[] {
  const far = Math.abs(at);
  const degrees = Math.round((corner * 180) / Math.PI);
  return [
    ...(far > MOST_SWING_MM && !isTraced
      ? [
          collarFinding({
            code: "collar-swings-far",
            severity: "warning",
            message: phrase`The collar’s end is swung out by ${length(far)}; up to ${length(MOST_SWING_MM)} is usual.`,
            reason: phrase`So much lets the collar lie flat on the shoulders: it has hardly a stand left at the side of the neck.`,
            numbers: { at },
            remedies: [
              remedy("roll-ahead", phrase`Let the roll line run ahead of the neck point, and keep the stand there`, {
                rollSchool: "ahead",
                rollAhead: undefined,
                shoulderStand: undefined,
                edgeBy: "solved",
              }),
            ],
          }),
        ]
      : []),
    ...(corner > MOST_CORNER
      ? [
          collarFinding({
            code: "neck-edge-corner",
            severity: "warning",
            message: phrase`The collar’s neck edge turns by ${`${degrees}°`} at the neck point; up to 20° is sewn without a pleat.`,
            reason: phrase`A seam that turns a corner there has to be clipped, and puckers.`,
            numbers: { degrees },
            remedies: [
              remedy("curved-neck-edge", phrase`Draw the back neck edge in one curve`, { neckEdge: "curved" }),
            ],
          }),
        ]
      : []),
  ];
}
