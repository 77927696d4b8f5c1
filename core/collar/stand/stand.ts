import type { Block } from "../../block";
import { length, phrase, type StepRecord } from "../../draft";
import { pathLength } from "../../geometry";
import { forward, type Piece, standStrip } from "../../pattern";
import { type CollarBase, type CollarHandle, collarKind, type UpperEdge, type Usual } from "../collar-kind";
import { joinedNeckline } from "../joined-neckline";
import { edgeSeam, necklineSeam, wholeNeckline } from "../neckline-seam";
import { easeAtRise, frontAt } from "./band-shape";
import { draftStand, type Stand, upperGirthBySchool } from "./draft-stand";
import type { StandTask } from "./stand-task";

const COMMON = "common practice, no source" as const;

/** An inch of level at the centre back of a bowed band (common practice, no source). */
const LEVEL_MM = 25.4;

/** A bowed band drops 4 in over a half length of 9 1/2 in (common practice, no source). */
const BOW_MM = 101.6;
const BOWED_OVER_MM = 241.3;

/** 10 to 25 mm to breathe in (from memory). */
const EASE_MM = { usual: 17.5, most: 25 } as const;
/** A band whose front end rises by more than this above its back, on paper, is a hook. Our own limit. */
const RISE_MM = 20;

/** The usual ease, or so much more that the band rises by no more than is usual: a half band of length N that leans by θ rises by N·θ/2. */
function easeFor(halfNeckline: number | null, neck: number, height: number): number {
  if (halfNeckline === null) return EASE_MM.usual;
  const shorter = (2 * RISE_MM * height) / halfNeckline;
  return Math.min(EASE_MM.most, Math.max(EASE_MM.usual, 2 * (halfNeckline - shorter) - neck));
}

/** What every stand is left to choose, also one that carries a fall. */
export const STAND_USUAL = {
  height: { value: 38.1, rule: phrase`${length(25.4)} to ${length(63.5)}; usual`, source: COMMON },
  ease: {
    value: ({ neckline, neck, figures: { height = 38.1 } }) => easeFor(neckline, neck, height),
    rule: phrase`${length(EASE_MM.usual)}; up to ${length(EASE_MM.most)} over a neckline that is much longer than the neck, so that the band stands up`,
    source: COMMON,
    when: ({ school }) => school === "developed",
  },
  bow: {
    value: ({ neckline }) => BOW_MM * ((neckline ?? BOWED_OVER_MM) / BOWED_OVER_MM),
    rule: phrase`${length(BOW_MM)} over a half length of ${length(BOWED_OVER_MM)}, less over a smaller neck`,
    source: COMMON,
    when: ({ school }) => school === "bowed",
  },
  rise: {
    value: 19.05,
    rule: phrase`${length(12)} to ${length(25)}`,
    source: "from memory",
    when: ({ school }) => school === "front-rise",
  },
  beyond: {
    value: ({ buttonStand }) => buttonStand,
    rule: phrase`as far as the button stand of the front`,
    source: "geometry",
  },
  roundness: {
    value: 19.05,
    rule: phrase`usual`,
    source: "from memory",
    when: ({ frontEnd }) => frontEnd === "round",
  },
} as const satisfies Record<string, Usual>;

export const STAND_CHOICES = {
  school: { value: "developed", rule: phrase`the one that is solved for the neck` },
  frontEnd: { value: "round", rule: phrase`usual` },
  buttonStand: { value: "in-one", rule: phrase`usual` },
} as const;

type StandFigures = Readonly<Record<"height" | "ease" | "bow" | "rise" | "beyond" | "roundness", number>>;

export function standTask(
  { block, neck, closing, buttonSize }: CollarBase,
  { beyond, ...figures }: StandFigures,
  { school, frontEnd }: Pick<StandTask, "school" | "frontEnd">,
): StandTask {
  return {
    ...figures,
    school,
    frontEnd,
    neck,
    level: LEVEL_MM,
    // Half of a button and of its hole has to lie on what runs on.
    button: closing === "buttons" && beyond > buttonSize / 2 ? buttonSize : null,
    neckline: { back: block.back.neckline.length, front: block.front.neckline.length, beyond },
  };
}

/** A stand at the neck and nothing more. */
export const stand = collarKind({
  name: "Stand",
  summary: "A band that stands up round the neck; also called a band collar.",
  alsoCalled: "stand collar band collar bishop collar mandarin grandad",
  standsOnNeckline: true,
  needsNeck: true,
  needsWaist: false,
  frontEdge: "left",
  hasStandButton: () => true,
  groups: [
    { title: "Shape", choices: ["school"], fields: ["height", "ease", "bow", "rise"] },
    { title: "Front", choices: ["frontEnd"], fields: ["roundness", "beyond"] },
    { title: "Button stand", choices: ["buttonStand"] },
  ],
  usual: STAND_USUAL,
  choices: STAND_CHOICES,
  draft: (base, figures, choices, given) => {
    const task = standTask(base, figures, choices);
    const drawn = draftStand(task);
    if (!drawn) return { isDrawn: false, why: { what: "no-stand", height: task.height, school: task.school } };
    const neckline = joinedNeckline(base.block, figures.beyond);
    // Both layers are cut from one piece.
    const layer = forward("collar", "upper", "front");
    const band = separateBand(base.block, figures.beyond, choices.buttonStand);
    return {
      isDrawn: true,
      title: "Stand collar",
      acts: [...drawn.acts, ...band.acts],
      cutting: drawn.cutting,
      drawn: [drawn.piece],
      extra: band.pieces,
      front: null,
      seams: [
        necklineSeam(neckline, drawn.neckEdge, frontEndOf(figures.beyond), task.neckline.back, {
          body: wholeNeckline(figures.beyond),
          part: ["collar.neck"],
        }),
      ],
      joins: [edgeSeam(layer, layer, "neck edge", ["outer collar", "inner collar"])],
      handles: standHandles(task, drawn),
      joined: { neckline, shoulderAt: task.neckline.back, fallLine: null },
      upperEdge: upperEdgeOf(task, drawn),
      outer: null,
      turnedOver: null,
      lapel: null,
      rounded: roundedLess(given.roundness, choices.frontEnd, drawn.rounded),
      solvers: drawn.solvers,
    };
  },
});

/** Less than this is not seen. */
const ROUNDED_LESS_MM = 0.1;

/** Told only of a rounding that somebody asked for. */
export function roundedLess(asked: number | undefined, frontEnd: StandTask["frontEnd"], drawn: number) {
  return asked !== undefined && frontEnd === "round" && asked - drawn > ROUNDED_LESS_MM ? { asked, drawn } : null;
}

export function frontEndOf(beyond: number): string {
  return beyond > 0 ? "edge of the button stand" : "centre front";
}

/** On paper a band's front end rises by no more above its centre back, or the band is a hook (common practice, no source). */
const MOST_RISE_MM = 40;

/** What draws the band with a front end no higher than is usual at most; null where it rises by no more, or is straight. */
function riseOf(task: StandTask, { shape }: Stand): UpperEdge["rise"] {
  const drawn = -frontAt(shape, 0).at.y;
  const { school, height, neck, neckline } = task;
  const way = (): UpperEdge["rise"]["by"] => {
    if (drawn <= MOST_RISE_MM || school === "straight") return null;
    if (school !== "developed") return { field: school === "bowed" ? "bow" : "rise", value: MOST_RISE_MM };
    const ease = easeAtRise(MOST_RISE_MM, height, neck, neckline);
    return ease === null ? null : { field: "ease", value: ease };
  };
  return { drawn, most: MOST_RISE_MM, by: way() };
}

export function upperEdgeOf(task: StandTask, stand: Stand): UpperEdge {
  const { upperGirth } = stand;
  const { neck, ease, school, neckline } = task;
  return {
    bySchool: upperGirthBySchool(task),
    girth: upperGirth,
    neck,
    wanted: neck + ease,
    neckline: 2 * (neckline.back + neckline.front),
    isDeveloped: school === "developed",
    rise: riseOf(task, stand),
  };
}

/**
 * The upper edge at the fold is the height; the front end of the neck edge, dragged up or down, is by a rule of thumb its bow or its
 * rise, and developed the ease above, of which less is left the further the collar leans in.
 */
export function standHandles(task: StandTask, { shape }: Stand): readonly CollarHandle[] {
  const height: CollarHandle = {
    field: "height",
    name: "Height of the collar",
    at: { x: 0, y: -task.height },
    value: task.height,
    gain: { x: 0, y: -1 },
    isDistance: true,
  };
  const front = (field: "ease" | "bow" | "rise", way: 1 | -1): CollarHandle => ({
    field,
    name: "Front of the neck edge",
    at: frontAt(shape, 0).at,
    value: task[field],
    gain: { x: 0, y: way },
    // A band bowed or risen by so much lies so far from the level; how far an ease leans it in is worked out.
    ...(field === "ease" ? {} : { isDistance: true as const }),
  });
  switch (task.school) {
    case "straight":
      return [height];
    case "developed":
      return [height, front("ease", 1)];
    case "bowed":
      return [height, front("bow", -1)];
    case "front-rise":
      return [height, front("rise", -1)];
  }
}

type SeparateBand = { readonly pieces: readonly Piece[]; readonly acts: readonly StepRecord[] };

/** A button stand that is cut by itself: a strip as wide as the stand when it is folded, sewn on at the centre front. */
export function separateBand(block: Block, beyond: number, buttonStand: "in-one" | "separate"): SeparateBand {
  if (buttonStand === "in-one" || beyond <= 0) return { pieces: [], acts: [] };
  const long = pathLength(block.front.centre);
  return {
    pieces: [standStrip(long, beyond)],
    acts: [
      {
        text: phrase`Button stand, twice: ${length(long)} long, as the centre front is, and ${length(2 * beyond)} wide, folded lengthwise to ${length(beyond)}. Cut the front at its centre line, and sew the strip on there.`,
      },
    ],
  };
}
