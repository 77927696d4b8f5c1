import { phrase } from "../../draft";
import { endOf, mapPath, mix, pathLength } from "../../geometry";
import { type BodiceBase, type BodiceSleeve, bodiceStyle, type StyleSeam } from "../bodice-style";
import type { StyleHandle } from "../style";
import { draftKimono, type KimonoDraft, type KimonoLengths, MOST_DOWN_MM, MOST_SLASH_MM } from "./kimono-draft";
import { besideEachOther, facings, gussetPiece, kimonoPieces } from "./kimono-pieces";
import { kimonoSteps } from "./kimono-steps";

const COMMON = "common practice, no source" as const;

/** Kimono: the sleeve grows out of the shoulder line and is cut in one with front and back. Common practice, no source. */
export const kimono = bodiceStyle({
  name: "Kimono",
  summary:
    "Cut in one with front and back: the shoulder line runs on into the sleeve, with a soft curve under the arm.",
  usualLengthShare: 0.26,
  usualFinish: "plain",
  falls: null,
  isFitted: false,
  isCut: false,
  fields: {
    neckOut: {
      label: "Neck widened by",
      bounds: { least: 0, most: 150 },
      usual: 60,
      rule: phrase`along the shoulder`,
      source: COMMON,
    },
    frontDown: {
      label: "Front neck lowered by",
      bounds: { least: 0, most: 200 },
      usual: 10,
      rule: phrase`at the centre front`,
      source: COMMON,
    },
    backDown: {
      label: "Back neck lowered by",
      bounds: { least: 0, most: 200 },
      usual: 20,
      rule: phrase`at the centre back`,
      source: COMMON,
    },
    tipUp: {
      label: "Shoulder tip raised by",
      bounds: { least: 0, most: 60 },
      usual: 10,
      rule: phrase`room for the arm`,
      source: COMMON,
    },
    drop: {
      label: "Sleeve line dropped by, at the wrist",
      bounds: { least: 0, most: 500 },
      usual: 0,
      rule: phrase`straight on from the shoulder; steeper hangs better and lifts less`,
      source: COMMON,
    },
    underarmOut: {
      label: "Underarm moved out by",
      bounds: { least: 0, most: 150 },
      usual: 20,
      rule: phrase`from the block’s underarm`,
      source: COMMON,
    },
    underarmDown: {
      label: "Underarm moved down by",
      bounds: { least: 0, most: MOST_DOWN_MM },
      usual: 40,
      rule: phrase`from the block’s underarm`,
      source: COMMON,
    },
    curve: {
      label: "Underarm curve, each side of the corner",
      bounds: { least: 5, most: 250 },
      usual: 75,
      rule: phrase`a soft curve`,
      source: "from memory",
    },
    gusset: {
      label: "Gusset, length of the slash",
      bounds: { least: 0, most: MOST_SLASH_MM },
      usual: 0,
      rule: phrase`none; about 3 1/2 in under a close sleeve`,
      source: "from memory",
    },
    facing: {
      label: "Width of the neck facing",
      bounds: { least: 15, most: 60 },
      usual: 40,
      rule: phrase`from the stitching line`,
      source: COMMON,
    },
    slit: {
      label: "Opening at the centre back neck",
      bounds: { least: 0, most: 300 },
      usual: 0,
      rule: phrase`none: it pulls on`,
      source: COMMON,
    },
    balanceWithin: {
      label: "Underarm moved to balance, at most",
      bounds: { least: 0, most: 150 },
      usual: 25,
      rule: phrase`out at the front as much as in at the back`,
      source: "from memory",
    },
  },
  draft: (base, lengths): BodiceSleeve => {
    const outcome = draftKimono(base, lengths);
    return outcome.ok
      ? kimonoSleeve(base, outcome.draft, lengths)
      : { isDrawn: false, why: "no-room", misplaced: outcome.misplaced };
  },
});

function kimonoSleeve(base: BodiceBase, draft: KimonoDraft, lengths: KimonoLengths): BodiceSleeve {
  const pieces = kimonoPieces(draft, base.turnUp);
  return {
    isDrawn: true,
    title: "Kimono sleeve",
    fitted: null,
    actsBefore: [],
    acts: kimonoSteps(draft, lengths, pieces),
    cutting: {
      text: phrase`Cut front and back, and the facings with their interfacing. Sew the over-arm seams from the neck down, face the neck, then sew underarm and side in one and clip the curve so that it lies flat.`,
    },
    drawn: pieces,
    extra: [...facings(draft, lengths.facing), ...gussetPiece(draft)],
    seams: seamsOf(draft),
    hemLength: 2 * draft.halfHem,
    hemLevel: base.length,
    finishedLength: base.length + base.finishDepth,
    capHeight: 0,
    handles: handlesOf(draft),
    misplaced: draft.misplaced,
    balances: [
      {
        field: "balanceWithin",
        what: "underarm",
        difference: draft.balance.difference,
        within: lengths.balanceWithin,
        needed: draft.balance.needed,
      },
    ],
    neck: draft.neck,
    top: null,
    width: draft.width,
    solvers: [{ id: "kimono.balance", solution: draft.balance.solution }],
  };
}

function seamsOf(draft: KimonoDraft): readonly StyleSeam[] {
  const { front, back } = draft;
  const places = besideEachOther(draft);
  const shared = { bodyName: "front", partName: "back" };
  const hemOfSleeve = "hem of the sleeve";
  const past = (half: typeof front) => pathLength(half.underarm) - pathLength(half.underarm.slice(-1));
  return [
    {
      ...shared,
      id: "kimono.overarm",
      name: "Over-arm",
      body: "front.overArm",
      part: "back.overArm",
      bodyPath: mapPath(front.overArm, places.front),
      partPath: mapPath(back.overArm, places.back),
      from: "neck",
      to: hemOfSleeve,
      mark: {
        name: "shoulder tip",
        bodyAt: front.half.shoulder.length,
        partAt: back.half.shoulder.length,
      },
    },
    {
      ...shared,
      id: "kimono.underarm",
      name: "Underarm and side",
      body: "front.side",
      part: "back.side",
      bodyPath: mapPath(front.underarm, places.front),
      partPath: mapPath(back.underarm, places.back),
      from: hemOfSleeve,
      to: "lower edge",
      mark: { name: "end of the curve", bodyAt: past(front), partAt: past(back) },
    },
  ];
}

function handlesOf(draft: KimonoDraft): readonly StyleHandle[] {
  const { front } = draft;
  const place = besideEachOther(draft).front;
  const along = { x: front.direction.x, y: front.direction.y };
  return [
    // The front is turned over on the sheet: what goes out goes to the left there.
    { name: "Front neck point", at: place(front.neckPoint), field: "neckOut", gain: { x: -along.x, y: along.y } },
    { name: "Front shoulder tip", at: place(front.tip), field: "tipUp", gain: { x: 0, y: -1 } },
    { name: "Front underarm", at: place(front.corner), field: "underarmDown", gain: { x: 0, y: 1 } },
    {
      name: "Front neck at the centre",
      at: place(endOf(front.half.neckline.path)),
      field: "frontDown",
      gain: { x: 0, y: 1 },
    },
    {
      name: "Front hem of the sleeve",
      at: place(mix(front.overArmEnd, front.underarmEnd, 0.5)),
      field: "drop",
      gain: { x: 0, y: 1 },
    },
  ];
}
