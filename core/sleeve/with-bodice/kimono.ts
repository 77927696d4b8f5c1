import type { Handle } from "../../draft";
import { phrase } from "../../draft";
import { endOf, lerp, mapPath, pathLength } from "../../geometry";
import { type EdgePair, NECK_OF_BODICE } from "../../pattern";
import { type BodiceBase, type BodiceSleeve, bodiceStyle } from "../style";
import { draftKimono, type KimonoDraft, type KimonoLengths } from "./kimono-draft";
import { KIMONO_FIELDS } from "./kimono-fields";
import { besideEachOther, facings, gussetPiece, kimonoHalf, kimonoPieces } from "./kimono-pieces";
import { kimonoSteps } from "./kimono-steps";

/** Kimono: the sleeve grows out of the shoulder line and is cut in one with front and back. Common practice, no source. */
export const kimono = bodiceStyle({
  name: "Kimono",
  summary:
    "Cut in one with front and back: the shoulder line runs on into the sleeve, with a soft curve under the arm.",
  usualLengthShare: 0.26,
  usualFinish: "plain",
  falls: null,
  neck: "faced",
  isFitted: false,
  isCut: false,
  fields: KIMONO_FIELDS,
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
    halves: {
      front: kimonoHalf(draft, "front", base.turnUp),
      back: kimonoHalf(draft, "back", base.turnUp),
    },
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
    necked: { ...base.block, front: draft.front.half, back: draft.back.half },
    neckEdges: NECK_OF_BODICE,
    top: null,
    width: draft.width,
    solvers: [{ id: "kimono.balance", solution: draft.balance.solution }],
  };
}

function seamsOf(draft: KimonoDraft): readonly EdgePair[] {
  const { front, back } = draft;
  const places = besideEachOther(draft);
  const shared = { bodyName: "front", partName: "back" };
  const hemOfSleeve = "hem of the sleeve";
  const past = (half: typeof front) => pathLength(half.underarm) - pathLength(half.underarm.slice(-1));
  return [
    {
      ...shared,
      id: "kimono.overarm",
      kind: "shoulder",
      name: "Over-arm",
      body: "front.overArm",
      part: "back.overArm",
      bodyEdges: ["front.overArm"],
      partEdges: ["back.overArm"],
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
      kind: "side",
      name: "Underarm and side",
      body: "front.side",
      part: "back.side",
      bodyEdges: ["front.side"],
      partEdges: ["back.side"],
      bodyPath: mapPath(front.underarm, places.front),
      partPath: mapPath(back.underarm, places.back),
      from: hemOfSleeve,
      to: "lower edge",
      mark: { name: "end of the curve", bodyAt: past(front), partAt: past(back) },
    },
  ];
}

function handlesOf(draft: KimonoDraft): readonly Handle[] {
  const { front } = draft;
  const place = besideEachOther(draft).front;
  const along = { x: front.direction.x, y: front.direction.y };
  return [
    // The front is turned over on the sheet: what goes out goes to the left there.
    {
      name: "Front neck point",
      at: place(front.neckPoint),
      field: "neckOut",
      gain: { x: -along.x, y: along.y },
      isDistance: true,
    },
    { name: "Front shoulder tip", at: place(front.tip), field: "tipUp", gain: { x: 0, y: -1 }, isDistance: true },
    { name: "Front underarm", at: place(front.corner), field: "underarmDown", gain: { x: 0, y: 1 }, isDistance: true },
    {
      name: "Front neck at the centre",
      at: place(endOf(front.half.neckline.path)),
      field: "frontDown",
      gain: { x: 0, y: 1 },
      isDistance: true,
    },
    {
      name: "Front hem of the sleeve",
      at: place(lerp(front.overArmEnd, front.underarmEnd, 0.5)),
      field: "drop",
      gain: { x: 0, y: 1 },
    },
  ];
}
