import { type Figure, length, phrase, type StepRecord } from "../draft";
import { line } from "../geometry";
import { buttonAt, type EdgeRole, edge, hungBand, type Piece } from "../pattern";

/** What the hem of a sleeve is finished with. */
export const HEM_FINISHES = ["plain", "cuff", "band", "elastic"] as const;
export type HemFinish = (typeof HEM_FINISHES)[number];

/** How a hem is finished, in millimetres, with every default already taken. */
export type HemChoices = {
  readonly finish: HemFinish;
  /** How deep the finished cuff or band is. */
  readonly depth: number;
  /** Over the limb, for a cuff or a band. */
  readonly ease: number;
  /** What a cuff laps over itself; only one that opens laps. */
  readonly overlap: number;
  /** How long the opening above a cuff is; 0 for a cuff that is pulled over the hand. */
  readonly opening: number;
  readonly elasticWidth: number;
  /** The arm's girth where the hem is worn, where that was typed. */
  readonly girth: number | null;
  /** What the elastic is shorter by than that girth. */
  readonly elasticLess: number;
};

/** An opening above a cuff is 60 to 90 mm long (common practice, no source). */
export const USUAL_OPENING_MM = 76.2;
/** Where it is cut, as a share of the hem from its front end: at the back quarter (common practice, no source). */
export const OPENING_SHARE = 0.75;

/** Beside the elastic, so that it runs, and turned under: 6 mm each (the first common practice, the second from memory). */
const CASING_ROOM_MM = 12;

/** What the finish adds to the length of the sleeve: it is cut shorter by it. */
export function finishDepth({ finish, depth }: HemChoices): number {
  return finish === "cuff" || finish === "band" ? depth : 0;
}

/** How deep the casing below the hem is. */
export function casingDepth({ finish, elasticWidth }: HemChoices): number {
  return finish === "elastic" ? casingFor(elasticWidth) : 0;
}

/** How deep a casing for an elastic so wide is: about 1 in for a narrow and 1 1/2 in for a wide one (common practice, no source). */
export function casingFor(elasticWidth: number): number {
  return elasticWidth + CASING_ROOM_MM;
}

/** What elastic is shorter than the girth it lies round: 2 in at the waist, 2 to 3 in round the shoulders (common practice, no source). */
const ELASTIC_SHORTER_MM = { waist: 50.8, shoulders: 76.2 } as const;

export function elasticRound(where: keyof typeof ELASTIC_SHORTER_MM, girth: number): number {
  return girth - ELASTIC_SHORTER_MM[where];
}

/** The girth of a cuff or a band when it is closed. */
function closedGirth({ ease }: HemChoices, limb: number): number {
  return limb + ease;
}

/** The girth of what the hand has to pass: a cuff that opens lets any hand through. */
export function passingGirth(choices: HemChoices, limb: number): number | null {
  const isClosed = choices.finish === "band" || (choices.finish === "cuff" && choices.opening <= 0);
  return isClosed ? closedGirth(choices, limb) : null;
}

export type FinishedHem = {
  readonly acts: readonly StepRecord[];
  readonly pieces: readonly Piece[];
  /** What the hem is gathered onto; null for a plain one. */
  readonly onto: number | null;
};

/** Where a cuff opens: a slit is cut into the hem, or a seam that runs down to it there is left open. */
export type Opens = "hem" | "back-seam";

/** Finishes a hem that is so long, on a limb of this girth. */
export function finishHem(choices: HemChoices, hemLength: number, limb: number, opens: Opens = "hem"): FinishedHem {
  switch (choices.finish) {
    case "plain":
      return { acts: [], pieces: [], onto: null };
    case "elastic":
      return elastic(choices, hemLength, limb);
    case "band":
      return strip("band", "Band", choices, 0, hemLength, limb, opens);
    case "cuff":
      return strip("cuff", "Cuff", choices, choices.opening > 0 ? choices.overlap : 0, hemLength, limb, opens);
  }
}

function ratioFigure(hemLength: number, onto: number): Figure {
  return {
    id: "sleeve.gatherRatio.hem",
    label: "Gathers at the hem",
    value: hemLength / onto,
    kind: "ratio",
    formula: phrase`hem ${length(hemLength)} ÷ ${length(onto)}`,
    rule: "Measured on the draft",
    source: "geometry",
  };
}

function strip(
  id: "cuff" | "band",
  name: string,
  choices: HemChoices,
  overlap: number,
  hemLength: number,
  limb: number,
  opens: Opens,
): FinishedHem {
  const onto = closedGirth(choices, limb);
  const whole = onto + overlap;
  const cut = { width: 2 * choices.depth, height: whole };
  const lap = overlap > 0 ? phrase` + overlap ${length(overlap)}` : [];
  const figure: Figure = {
    id: "cuff.length",
    label: `Length of the ${id}`,
    value: whole,
    kind: "length",
    formula: phrase`limb ${length(limb)} + ease ${length(choices.ease)}${lap}`,
    rule: `${name} round the limb`,
    source: "common practice, no source",
  };
  const opening =
    id === "band" || choices.opening <= 0
      ? []
      : opens === "back-seam"
        ? phrase` Leave the back seam open for ${length(choices.opening)} above the hem.`
        : phrase` At the back quarter of the hem, ${length(hemLength * (1 - OPENING_SHARE))} from the back seam, cut an opening ${length(choices.opening)} long.`;
  return {
    onto,
    pieces: [{ ...rectangle(id, name, cut.width, cut.height), ...buttonOf(choices.depth, whole, overlap) }],
    acts: [
      {
        text: phrase`Cut the ${id} ${length(whole)} long and twice its depth wide, ${length(cut.width)}, to be folded along its middle.${opening} Gather the hem, ${length(hemLength)}, onto ${length(onto)}: ${(hemLength / onto).toFixed(2)} to 1.`,
        figures: [figure, ratioFigure(hemLength, onto)],
      },
    ],
  };
}

/** The button of a cuff that laps over: in the middle of its depth and of the lap, its hole in the other end. */
function buttonOf(depth: number, whole: number, overlap: number): Pick<Piece, "buttons"> {
  if (overlap < CUFF_BUTTON_MM) return {};
  const at = { x: depth / 2, y: overlap / 2 };
  return {
    buttons: [buttonAt(at, { x: 0, y: -1 }, CUFF_BUTTON_MM, "itself", { x: at.x, y: whole - overlap / 2 })],
  };
}

/** Usual on a cuff (from memory). */
const CUFF_BUTTON_MM = 12;

/** A strip that is folded along its middle, with its grain along it. */
function rectangle(id: string, name: string, width: number, height: number): Piece {
  const corners = [
    { x: 0, y: 0 },
    { x: width, y: 0 },
    { x: width, y: height },
    { x: 0, y: height },
  ] as const;
  const side = (sideId: string, role: EdgeRole, sideName: string, i: 0 | 1 | 2 | 3) =>
    edge(sideId, role, sideName, line(corners[i], corners[((i + 1) % 4) as 0 | 1 | 2 | 3]));
  const edges = [
    side("endTop", "end", `End of the ${id}`, 0),
    side("inner", "inner", "Inner edge", 1),
    side("endBottom", "end", `End of the ${id}`, 2),
    side("outer", "seam", "Edge to the hem", 3),
  ];
  return {
    id,
    kind: hungBand("sleeve", "cuff", ["outer"]),
    name,
    cut: { count: 2, mirrored: false, onFold: false, interfacing: 2 },
    edges,
    outline: edges.flatMap((one) => one.path),
    folds: [line({ x: width / 2, y: 0 }, { x: width / 2, y: height })],
    darts: [],
    grain: { from: { x: width / 4, y: height * 0.15 }, to: { x: width / 4, y: height * 0.85 } },
    notches: [],
  };
}

function elastic({ elasticWidth, elasticLess }: HemChoices, hemLength: number, limb: number): FinishedHem {
  const long = limb - elasticLess;
  const figure: Figure = {
    id: "elastic.length",
    label: "Length of the elastic",
    value: long,
    kind: "length",
    formula: phrase`the limb’s girth there, ${length(limb)}${elasticLess > 0 ? phrase` − ${length(elasticLess)}` : "; a little less where the elastic is soft"}`,
    rule: "Elastic of a sleeve hem",
    source: "common practice, no source",
  };
  return {
    onto: limb,
    pieces: [],
    acts: [
      {
        text: phrase`Fold the casing up along the hem and stitch it, ${length(elasticWidth + CASING_ROOM_MM / 2)} deep, leaving a gap. Draw through ${length(long)} of elastic ${length(elasticWidth)} wide, try it on, and join it: the hem, ${length(hemLength)}, is gathered ${(hemLength / limb).toFixed(2)} to 1. Elastic that leaves a mark is too tight; on children’s wear use no drawn cords, and follow the local rules.`,
        figures: [figure, ratioFigure(hemLength, limb)],
      },
    ],
  };
}
