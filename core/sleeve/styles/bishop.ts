import type { Handle } from "../../draft";
import { length, phrase, type StepRecord } from "../../draft";
import { pathLength, startOf } from "../../geometry";
import { type StyleBase, type StyledSleeve, sewnStyle } from "../style";
import { type Raise, type Slashed, slash } from "./slash";
import { betweenNotches, edgeSteps, keptCapStep, slashedPiece, slashStep, spreadStep } from "./slash-steps";

const STRIPS = 6;
/** More of the width goes to the back, where the elbow bends (common practice; the share is our own figure). */
const MIDDLE_OF_SPREAD = 0.44;

type BishopLengths = { readonly spread: number; readonly backDrop: number };

/**
 * Bishop: the fitted cap kept as it is, the sleeve slashed from the hem up and spread, more at the back, its hem lower at the
 * back so that it blouses over the cuff. Common practice, no source; the amounts from memory.
 */
export const bishop = sewnStyle({
  name: "Bishop",
  summary: "A fitted cap and a full hem, lower at the back, gathered to a cuff.",
  usualLengthShare: 1,
  usualFinish: "cuff",
  falls: "blouse",
  opens: { crown: null, hem: "spread" },
  slashes: true,
  fields: {
    spread: {
      label: "Spread at the hem",
      bounds: { least: 0, most: 900 },
      usual: 101.6,
      rule: phrase`a medium bishop`,
      source: "from memory",
    },
    backDrop: {
      label: "Hem lower at the back by",
      bounds: { least: 0, most: 80 },
      usual: 19.05,
      rule: phrase`15 to 30 mm, so that it blouses over the cuff`,
      source: "common practice, no source",
    },
    blouse: {
      label: "Length for the blouse",
      bounds: { least: 0, most: 200 },
      usual: 50.8,
      rule: phrase`0 to 5 in`,
      source: "common practice, no source",
    },
  },
  derive: (base, lengths) => derive(base, lengths, "Bishop sleeve"),
});

/** Balloon: a bishop that is wider still, drawn together by elastic. */
export const balloon = sewnStyle({
  name: "Balloon",
  summary: "A fitted cap and a very wide hem, drawn together by elastic.",
  usualLengthShare: 1,
  usualFinish: "elastic",
  falls: "blouse",
  opens: { crown: null, hem: "spread" },
  slashes: true,
  fields: {
    spread: {
      label: "Spread at the hem",
      bounds: { least: 0, most: 900 },
      usual: 254,
      rule: phrase`as wide as the cloth can be gathered`,
      source: "from memory",
    },
    blouse: {
      label: "Length for the blouse",
      bounds: { least: 0, most: 250 },
      usual: 76.2,
      rule: phrase`0 to 5 in`,
      source: "common practice, no source",
    },
  },
  derive: (base, { spread }) => derive(base, { spread, backDrop: 0 }, "Balloon sleeve"),
});

function derive(base: StyleBase, { spread, backDrop }: BishopLengths, title: string): StyledSleeve {
  const slashing = { ...betweenNotches(base), atCrown: 0, atHem: spread, middle: MIDDLE_OF_SPREAD };
  const slashed = slash(
    slashing,
    STRIPS,
    undefined,
    backDrop === 0 ? undefined : droppedBehind(slashing.from, backDrop),
  );
  return {
    title,
    acts: [
      slashStep(slashing, STRIPS),
      spreadStep(slashed, base.sleeve.notches, { crown: 0, hem: spread }),
      keptCapStep(slashed),
      ...edgeSteps(base, slashed),
      ...dropStep(backDrop),
    ],
    caps: { front: slashed.capFront, back: slashed.capBack },
    pieces: [slashedPiece("sleeve", title, slashed, base)],
    hemLength: pathLength(slashed.hem),
    crownRatio: null,
    handles: handles(slashed, slashing.from, backDrop > 0),
  };
}

/** The hem's curve behind the centre line: nothing at the seam and at the centre, all of it half way between. */
function droppedBehind(back: number, drop: number): Raise {
  return (x) => {
    if (x >= 0 || x <= back) return { by: 0, slope: 0 };
    const turn = (2 * Math.PI) / back;
    return { by: (-drop * (1 - Math.cos(turn * x))) / 2, slope: (-drop * turn * Math.sin(turn * x)) / 2 };
  };
}

function handles(slashed: Slashed, back: number, hasDrop: boolean): readonly Handle[] {
  const front = startOf(slashed.hem);
  const places: readonly Handle[] = [
    { name: "Front end of the hem", at: front, field: "spread", gain: { x: 2, y: 0 } },
  ];
  if (!hasDrop) return places;
  const lowest = slashed.hem.reduce((a, [p]) => (p.y > a.y && p.x < 0 && p.x > back * 2 ? p : a), { x: 0, y: front.y });
  return [
    ...places,
    { name: "Hem at the back", at: lowest, field: "backDrop", gain: { x: 0, y: 1 }, isDistance: true },
  ];
}

function dropStep(drop: number): readonly StepRecord[] {
  if (drop <= 0) return [];
  return [
    {
      text: phrase`Half way between the centre and the back seam the hem lies ${length(drop)} lower, in a soft curve that runs out at both: there it falls over the elbow side of the arm.`,
    },
  ];
}
