import { length, phrase } from "../draft";
import type { Garment } from "../garment";
import type { Piece } from "../pattern";
import { allowancesOf } from "./allowances";
import { buttonsOf } from "./cut-list";
import { isLined } from "./lining";
import { type MakingStep, STEAM } from "./making-step";

/** The lining, where there is one. */
export function liningSteps({ pieces, spec }: Garment): readonly MakingStep[] {
  if (spec.lay?.lining !== "whole") return [];
  const names = pieces.filter(isLined).map(({ name }) => name.toLowerCase());
  return [
    {
      id: "lining",
      text: phrase`Sew the lining of ${names.join(", ")} in the same order as the outer cloth. Join it to the facings, or fell it by hand to the neck and front seams, wrong sides together, with the sleeves drawn into each other.`,
      seams: [],
      caution: STEAM,
    },
  ];
}

/** What is turned up ends where it is cut, across from a fold. */
const isTurnedUp = (edges: Piece["edges"]) => edges.some(({ role }) => role === "turned-up");

/** What is done once every seam is closed. */
export function finishingSteps(garment: Garment): readonly MakingStep[] {
  const { pieces, spec, resolved } = garment;
  const allowances = allowancesOf(garment);
  // A hem that is sewn to a cuff or a band is no hem any more.
  const hems = pieces.filter(
    ({ id, edges }) => isTurnedUp(edges) || allowances.get(id)?.some(({ role }) => role === "hem"),
  );
  const rolled = pieces.filter(({ id }) => allowances.get(id)?.some(({ role }) => role === "curved-hem"));
  const count = buttonsOf(pieces);
  const isOnItself = pieces.some(({ buttons = [] }) => buttons.some(({ closes }) => closes === "itself"));
  return [
    ...(hems.length === 0
      ? []
      : [
          {
            id: "hem",
            text: phrase`Let the garment hang for a day, level the hem on the person, turn it up and sew it: ${hems.map(({ name }) => name.toLowerCase()).join(", ")}.${spec.lay?.lining === "whole" ? phrase` Fold the lining under by its seam allowance and fell it to the turned-up hem, so that it hangs in a small fold and does not show.` : []}`,
            seams: [],
            caution: STEAM,
          },
        ]),
    ...(rolled.length === 0
      ? []
      : [
          {
            id: "curved-hem",
            text: phrase`Turn the curved hem under twice, ${length(resolved.allowances.curvedHem / 2)} each time, easing it round the curve, and stitch it: ${rolled.map(({ name }) => name.toLowerCase()).join(", ")}.`,
            seams: [],
            caution: STEAM,
          },
        ]),
    ...(spec.bodice.hem === "casing" || spec.sleeve?.hem?.finish === "elastic"
      ? [
          {
            id: "elastic",
            text: phrase`Draw the elastic into its casing, try it on, and only then join its ends.`,
            seams: [],
            caution: phrase`Elastic must not press into the skin. On children’s wear no cord or tie may hang from neck or hood: go by the rules of your country.`,
          },
        ]
      : []),
    ...(count === 0
      ? []
      : [
          {
            id: "buttons",
            text: phrase`${resolved.pieces.lap === "right-over-left" ? phrase`Make the buttonholes in the right front, which lies over the left, and sew the buttons to the left.` : phrase`Make the buttonholes in the left front, which lies over the right, and sew the buttons to the right.`}${isOnItself ? phrase` In a cuff the hole is made at the end that lies over.` : []} There are ${String(count)} in all, each at its mark. A hole is as long as the button is wide and thick together.`,
            seams: [],
            caution: phrase`Small buttons come off: on children’s wear go by the rules of your country.`,
          },
        ]),
    {
      id: "press",
      text: phrase`Press the whole garment, and let it hang until it is cool.`,
      seams: [],
      caution: STEAM,
    },
  ];
}
