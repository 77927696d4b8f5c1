import { length, phrase, point, type StepRecord } from "../../draft";
import { endOf, line, type Path, pathLength, reversePath, startOf } from "../../geometry";
import { notchOn, type PieceNotch } from "../../pattern";
import { pleatsFor } from "../set-in";
import { type StyledSleeve, sewnStyle } from "../style";
import { type Raise, type Slashed, slash } from "./slash";
import { betweenNotches, crownZone, edgeSteps, gatherStep, slashedPiece, slashStep, spreadStep } from "./slash-steps";

const STRIPS = 6;

/**
 * Puff: the fitted sleeve slashed between its notches and spread, its crown raised so that it stands, gathered back onto the
 * armhole. Below the notches it still matches exactly. Common practice, no source; the amounts from memory.
 */
export const puff = sewnStyle({
  name: "Puff",
  summary: "Slashed between the notches and spread at the crown, the hem, or both; its crown raised and gathered.",
  usualLengthShare: 0.42,
  usualFinish: "band",
  falls: "fall",
  opens: { crown: "crownSpread", hem: "hemSpread" },
  slashes: true,
  fields: {
    crownSpread: {
      label: "Spread at the crown",
      bounds: { least: 0, most: 500 },
      usual: 101.6,
      rule: phrase`a medium puff`,
      source: "from memory",
    },
    hemSpread: {
      label: "Spread at the hem",
      bounds: { least: 0, most: 500 },
      usual: 76.2,
      rule: phrase`a little less than at the crown`,
      source: "from memory",
    },
    lift: {
      label: "Crown raised by",
      bounds: { least: 0, most: 120 },
      usual: 25.4,
      rule: phrase`20 to 50 mm, so that the puff stands`,
      source: "common practice, no source",
    },
    fall: {
      label: "Length for the fall",
      bounds: { least: 0, most: 200 },
      usual: 0,
      rule: phrase`none; 4 to 5 in on a loose sleeve`,
      source: "common practice, no source",
    },
  },
  derive: (base, { crownSpread, hemSpread, lift }): StyledSleeve => {
    const slashing = { ...betweenNotches(base), atCrown: crownSpread, atHem: hemSpread, middle: 0.5 };
    const { crown } = base.sleeve.outline;
    const raise = lift === 0 ? undefined : crownRaise(slashing.from, crown.x, slashing.to, lift);
    const slashed = slash(slashing, STRIPS, raise);
    const caps = { front: slashed.capFront, back: slashed.capBack };
    const zone = crownZone(base, caps);
    const plain = crownZone(base, { front: [base.sleeve.outline.capFront], back: [base.sleeve.outline.capBack] });
    const { surplus } = base.task;
    const taken = zone.cap - plain.cap;
    const folds = surplus === "pleat" || surplus === "dart" ? crownFolds(surplus, caps, taken) : null;
    const piece = slashedPiece("sleeve", "Puff sleeve", slashed, base);
    return {
      title: "Puff sleeve",
      acts: [
        slashStep(slashing, STRIPS),
        spreadStep(slashed, base.sleeve.notches, { crown: crownSpread, hem: hemSpread }),
        crownStep(slashed, lift),
        ...edgeSteps(base, slashed),
        folds ? foldStep(folds, taken) : gatherStep(zone),
      ],
      caps,
      pieces: [folds ? { ...piece, notches: [...piece.notches, ...folds.notches], darts: folds.darts } : piece],
      hemLength: pathLength(slashed.hem),
      crownRatio: folds ? null : zone.ratio,
      handles: [
        { name: "Raised crown", at: startOf(slashed.capFront), field: "lift", gain: { x: 0, y: -1 }, isDistance: true },
        { name: "Front end of the cap line", at: endOf(slashed.capFront), field: "crownSpread", gain: { x: 2, y: 0 } },
        { name: "Front end of the hem", at: startOf(slashed.hem), field: "hemSpread", gain: { x: 2, y: 0 } },
      ],
    };
  },
});

/** Nothing at the notches, all of it at the crown, level at all three: the raised cap keeps its directions there. */
function crownRaise(from: number, crown: number, to: number, lift: number): Raise {
  return (x) => {
    const end = x < crown ? from : to;
    const u = Math.min(1, Math.max(0, (x - end) / (crown - end)));
    return { by: lift * u * u * (3 - 2 * u), slope: (lift * 6 * u * (1 - u)) / (crown - end) };
  };
}

function crownStep(slashed: Slashed, lift: number): StepRecord {
  const crown = startOf(slashed.capFront);
  const raised =
    lift > 0
      ? phrase`Raise the crown by ${length(lift)} and mark ${point("Y")}; `
      : phrase`Mark the crown ${point("Y")}; `;
  return {
    text: phrase`${raised}draw the cap again from ${point("T′")} over ${point("Y")} to ${point("U′")}, one fair line, level at ${point("Y")} and running into the old cap at both notches.`,
    points: [{ letter: "Y", name: "raised crown", at: crown }],
    lines: [
      { id: "capFront", path: slashed.capFront, kind: "seam" },
      { id: "capBack", path: slashed.capBack, kind: "seam" },
    ],
  };
}

/** Between two pleats or darts, along the finished seam. From memory. */
const GAP_MM = 12.7;
/** A dart at the crown is sewn so far down. From memory. */
const DART_LENGTH_MM = 63.5;

/** The surplus of a raised crown laid in pleats or sewn in darts, evenly to both sides of the crown. */
export type CrownFolds = {
  readonly way: "pleat" | "dart";
  readonly count: number;
  readonly depth: number;
  readonly notches: readonly PieceNotch[];
  /** The legs of the darts; none of pleats. */
  readonly darts: readonly Path[];
};

/** `caps` run from the crown down; `surplus` is what the folds take up. Null when there is nothing to take up. */
function crownFolds(
  way: "pleat" | "dart",
  caps: { readonly front: Path; readonly back: Path },
  surplus: number,
): CrownFolds | null {
  if (surplus <= 0) return null;
  const { count, depth } = pleatsFor(surplus);
  const over: Path = [...reversePath(caps.back), ...caps.front];
  const crown = pathLength(caps.back);
  const first = crown - (count * 2 * depth + (count - 1) * GAP_MM) / 2;
  const marks = Array.from({ length: count }, (_, i) => {
    const from = first + i * (2 * depth + GAP_MM);
    const name = `${way}.${i + 1}`;
    return [notchOn(`${name}.from`, over, from), notchOn(`${name}.to`, over, from + 2 * depth)] as const;
  });
  return {
    way,
    count,
    depth,
    notches: marks.flat(),
    darts: way === "dart" ? marks.map(([from, to]) => legs(from, to)) : [],
  };
}

function legs(from: PieceNotch, to: PieceNotch): Path {
  const apex = {
    x: (from.at.x + to.at.x) / 2 + ((from.inwards.x + to.inwards.x) / 2) * DART_LENGTH_MM,
    y: (from.at.y + to.at.y) / 2 + ((from.inwards.y + to.inwards.y) / 2) * DART_LENGTH_MM,
  };
  return [...line(from.at, apex), ...line(apex, to.at)];
}

function foldStep({ way, count, depth, darts }: CrownFolds, taken: number): StepRecord {
  const many = count === 1 ? `one ${way}` : `${count} ${way}s`;
  const done =
    way === "pleat"
      ? phrase`lay ${many} ${length(depth)} deep, turned away from ${point("Y")}`
      : phrase`sew ${many} ${length(2 * depth)} wide and ${length(DART_LENGTH_MM)} long`;
  return {
    text: phrase`To both sides of ${point("Y")} evenly, ${length(GAP_MM)} apart, ${done}: together they take up ${length(taken)}, and what is left is eased onto the armhole as it was fitted.`,
    lines: darts.map((path, i) => ({ id: `crownDart.${i + 1}`, path, kind: "seam" as const })),
  };
}
