import {
  type CollarChoiceOf,
  type DrawnCollar,
  type Lapel,
  LEAST_CLEARANCE_MM,
  type NoCollar,
  type OuterEdge,
  type UpperEdge,
} from "../collar";
import { length, type Phrase, phrase } from "../draft";
import type { Finding, Remedy, SpecChange } from "./finding";
import type { Seam } from "./seam";

/** Round the neck a stand leaves 10 to 25 mm (common practice, no source). */
const LEAST_EASE_MM = 10;
const MOST_EASE_MM = 25;
const USUAL_EASE_MM = (LEAST_EASE_MM + MOST_EASE_MM) / 2;
/** A stand that stands off by more than this beyond it gapes. Our own limit. */
const GAPES_BEYOND_MM = 25;
const SEAM_MM = 0.01;
/** Less is within what a tape reads. */
const TAPE_MM = 3;

/** How the block's neckline is made longer by so much all round; null where it cannot be. */
export type DeepenNeck = (longer: number) => { readonly by: number; readonly change: SpecChange } | null;

/** Every edge that meets another, the upper edge against the neck, the outer edge against the line it lies on, and the lapel. */
export function judgeCollar(drawing: DrawnCollar, seams: readonly Seam[], deepen: DeepenNeck): readonly Finding[] {
  const { upperEdge, outer, turnedOver, lapel } = drawing;
  return [
    ...seams.flatMap(judgeSeam),
    ...(upperEdge ? [...judgeUpperEdge(upperEdge), ...judgeNeckline(upperEdge, deepen)] : []),
    ...(turnedOver ? judgeFall(turnedOver) : []),
    ...(outer ? judgeOuterEdge(outer) : []),
    ...(lapel ? [...judgeLapel(lapel), ...judgeNotch(lapel), ...judgeBreak(lapel)] : []),
  ];
}

type Told = Pick<Finding, "code" | "severity" | "message" | "reason" | "numbers"> & {
  readonly remedies?: readonly Remedy[];
};

const told = (finding: Told): Finding => ({ station: "collar", remedies: [], ...finding });

const remedy = (id: string, label: Phrase, collar: NonNullable<SpecChange["collar"]>): Remedy => ({
  id,
  label,
  change: { collar },
});

function judgeSeam({ id, bodyLength, partLength, ease, bodyName, partName }: Seam): readonly Finding[] {
  if (Math.abs(ease) <= SEAM_MM) return [];
  return [
    told({
      code: id === "neckline" ? "collar-off-neckline" : "fall-off-stand",
      severity: "fault",
      message: phrase`The ${partName} is ${length(partLength)} and the ${bodyName} ${length(bodyLength)}: it is ${length(Math.abs(ease))} too ${ease > 0 ? "long" : "short"}.`,
      reason: phrase`A collar is sewn to its neckline without ease.`,
      numbers: { bodyLength, partLength },
      remedies: [developed(USUAL_EASE_MM)],
    }),
  ];
}

/** Leaning by so much that the upper edge has this ease is always possible where a band is at all. */
function developed(ease: number): Remedy {
  return remedy("develop-collar", phrase`Let it lean so that its upper edge has ${length(ease)} of ease`, {
    school: "developed",
    ease,
  });
}

/** A neckline that is shorter than the neck and its ease lets no collar lean in. */
function judgeNeckline({ neckline, wanted, neck, isDeveloped }: UpperEdge, deepen: DeepenNeck): readonly Finding[] {
  const missing = wanted - neckline;
  if (!isDeveloped || missing <= TAPE_MM) return [];
  const deeper = deepen(missing);
  return [
    told({
      code: "neckline-below-neck",
      severity: "warning",
      message: phrase`The neckline is ${length(neckline)} round and the neck with its ease ${length(wanted)}: the collar leans outwards.`,
      reason: phrase`A stand is sewn lower down, where the neck is wider: the neckline is tight, or a figure is wrong.`,
      numbers: { round: neckline, neck, ease: wanted - neck },
      remedies: deeper
        ? [{ id: "deeper-neck", label: phrase`Deepen the front neck by ${length(deeper.by)}`, change: deeper.change }]
        : [],
    }),
  ];
}

function judgeUpperEdge({ girth, neck, isDeveloped }: UpperEdge): readonly Finding[] {
  const ease = girth - neck;
  const numbers = { upperGirth: girth, neck, ease };
  if (ease < LEAST_EASE_MM - 0.5) {
    return [
      told({
        code: "stand-strangles",
        severity: "warning",
        message: phrase`The upper edge is ${length(girth)} round and the neck ${length(neck)}: ${ease < 0 ? phrase`${length(-ease)} too short to close` : phrase`${length(ease)} of ease, where ${length(LEAST_EASE_MM)} is the least`}.`,
        reason: phrase`It strangles, and chafes under the chin.`,
        numbers,
        remedies: [developed(USUAL_EASE_MM)],
      }),
    ];
  }
  if (ease <= MOST_EASE_MM + GAPES_BEYOND_MM) return [];
  return [
    told({
      code: "stand-gapes",
      severity: isDeveloped ? "note" : "warning",
      message: phrase`The upper edge is ${length(girth)} round, ${length(ease)} more than the neck; up to ${length(MOST_EASE_MM)} is usual.`,
      reason: phrase`It stands off the neck all round.`,
      numbers,
      remedies: [developed(USUAL_EASE_MM)],
    }),
  ];
}

/** A fall covers the seam of its stand by 10 mm (common practice, no source). */
const COVERS_MM = 10;

function judgeFall({ stand, fall }: NonNullable<DrawnCollar["turnedOver"]>): readonly Finding[] {
  if (fall >= stand + COVERS_MM - 0.01) return [];
  return [
    told({
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

function judgeOuterEdge({ edge, needed, solvedAt, converged, by, at, asked }: OuterEdge): readonly Finding[] {
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
        told({
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
  return [
    ...tooFar,
    told({
      code: isShort ? "collar-rides-up" : "collar-ripples",
      severity: "warning",
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

const NARROWER: Readonly<Record<Lapel["field"], (most: number) => Phrase>> = {
  lapelOut: (most) => phrase`Let the lapel reach ${length(most)} beyond the button stand`,
  lapelWidth: (most) => phrase`Make the lapel ${length(most)} wide`,
  fall: (most) => phrase`Make the fall ${length(most)}`,
};

function judgeLapel({ clearance, field, widest }: Lapel): readonly Finding[] {
  if (clearance >= LEAST_CLEARANCE_MM - 0.05) return [];
  return [
    told({
      code: "lapel-near-armhole",
      severity: "warning",
      message: phrase`Turned back, the lapel ${clearance < 0 ? phrase`reaches ${length(-clearance)} beyond the armhole` : phrase`comes within ${length(clearance)} of the armhole`}; ${length(LEAST_CLEARANCE_MM)} is the least.`,
      reason: phrase`It is caught by the sleeve and lifts when the arm moves.`,
      numbers: { clearance },
      remedies: widest === null ? [] : [remedy("narrower-lapel", NARROWER[field](widest), { [field]: widest })],
    }),
  ];
}

function judgeNotch({ notch }: Lapel): readonly Finding[] {
  if (!notch || notch.collar <= notch.lapel + 0.01) return [];
  return [
    told({
      code: "collar-edge-longer",
      severity: "warning",
      message: phrase`At the notch the collar’s edge is ${length(notch.collar)} and the lapel’s ${length(notch.lapel)}: the collar’s is the longer.`,
      reason: phrase`A collar that reaches beyond its lapel looks borrowed from another coat.`,
      numbers: { collar: notch.collar, lapel: notch.lapel },
      remedies: [
        remedy("shorter-collar-edge", phrase`Make the collar’s edge ${length(notch.lapel)}`, {
          notchCollar: notch.lapel,
        }),
      ],
    }),
  ];
}

function judgeBreak({ breakY, chest, waist }: Lapel): readonly Finding[] {
  const at = (id: string, label: Phrase, breakAt: CollarChoiceOf<"breakAt">) =>
    remedy(id, label, { breakAt, breakDepth: undefined });
  if (breakY > waist + TAPE_MM) {
    return [
      told({
        code: "break-below-waist",
        severity: "warning",
        message: phrase`The break point lies ${length(breakY - waist)} below the waist.`,
        reason: phrase`The first button sits there: the front gapes above it.`,
        numbers: { below: breakY - waist },
        remedies: [at("break-at-waist", phrase`Let it break at the waist`, "waist")],
      }),
    ];
  }
  if (breakY >= chest - TAPE_MM) return [];
  return [
    told({
      code: "break-above-chest",
      severity: "note",
      message: phrase`The break point lies ${length(chest - breakY)} above the chest line.`,
      reason: phrase`Little is left of the lapel, and it turns back unwillingly over the bust.`,
      numbers: { above: chest - breakY },
      remedies: [at("break-at-chest", phrase`Let it break at the chest line`, "chest")],
    }),
  ];
}

/** As low as any stand is. */
const LOW_MM = 25.4;

/** Why there is no collar, and the nearest one that there is. */
export function judgeNoCollar(why: NoCollar): Finding {
  switch (why.what) {
    case "no-stand": {
      const lower = Math.min(why.height, LOW_MM);
      return told({
        code: "no-stand-fits",
        severity: "fault",
        message: phrase`No ${why.school === "developed" ? "leaning " : ""}stand ${length(why.height)} high can be drawn for this neckline.`,
        reason: phrase`Its upper edge would close to nothing, or its end come back over itself.`,
        numbers: { height: why.height },
        remedies: [
          remedy("low-straight-stand", phrase`Draw a straight band ${length(lower)} high`, {
            school: "straight",
            height: lower,
          }),
        ],
      });
    }
    case "break-too-high":
      return told({
        code: "break-too-high",
        severity: "fault",
        message: phrase`The break point, ${length(why.breakY)} below the neck, does not lie below the front neck, ${length(why.neckline)} down.`,
        reason: phrase`There is nothing to turn back.`,
        numbers: { breakY: why.breakY, neckline: why.neckline },
        remedies: [
          remedy("break-at-chest", phrase`Let it break at the chest line`, { breakAt: "chest", breakDepth: undefined }),
          remedy("break-at-waist", phrase`Let it break at the waist`, { breakAt: "waist", breakDepth: undefined }),
        ],
      });
    case "gorge-beyond-neckline":
      return told({
        code: "gorge-beyond-neckline",
        severity: "fault",
        message: phrase`The gorge starts ${length(why.start)} along the neckline; ${length(why.most)} is the most here.`,
        reason: phrase`Beyond that it would start beside the neckline.`,
        numbers: { start: why.start, most: why.most },
        remedies: [remedy("usual-gorge", phrase`Start it where the roll line hides it`, { gorgeStart: undefined })],
      });
    case "notch-too-long":
      return told({
        code: "notch-too-long",
        severity: "fault",
        message: phrase`The notch comes in by ${length(why.lapel)}, and the gorge leaves room for ${length(Math.max(0, why.gorge))}.`,
        reason: phrase`It would reach past the start of the gorge.`,
        numbers: { lapel: why.lapel, gorge: why.gorge },
        remedies: [
          ...(why.gorge / 2 >= LEAST_NOTCH_MM
            ? [
                remedy("shorter-notch", phrase`Come in by ${length(why.gorge / 2)}, half of that`, {
                  notchLapel: why.gorge / 2,
                  notchCollar: why.gorge / 2,
                }),
              ]
            : []),
          remedy("wider-lapel", phrase`Let the lapel reach ${length(why.lapel)} beyond the button stand`, {
            lapelOut: why.lapel,
          }),
        ],
      });
    case "out-too-far":
      return told({
        code: "collar-end-too-far-out",
        severity: "fault",
        message: phrase`With its end ${length(why.out)} out of the guide line the neck edge cannot be as short as the back neck.`,
        reason: phrase`It would have to come back over itself.`,
        numbers: { out: why.out },
        remedies: [remedy("less-out", phrase`Move its end out by ${length(why.usual)}`, { out: why.usual })],
      });
    case "spread-beyond-point":
      return told({
        code: "spread-beyond-point",
        severity: "fault",
        message: phrase`The points spread ${length(Math.abs(why.spread))}, and their front edge is only ${length(why.point)} long.`,
        reason: phrase`A point cannot lie further aside than its edge is long.`,
        numbers: { spread: why.spread, point: why.point },
        remedies: [
          remedy("less-spread", phrase`Spread them by ${length(why.point / 2)}`, {
            spread: (Math.sign(why.spread) * why.point) / 2,
          }),
        ],
      });
  }
}

/** The least that a notch may be: its field's bound. */
const LEAST_NOTCH_MM = 3;
