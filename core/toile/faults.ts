import { shareCrossing } from "./reads/crossings";
import { liesTurnedDown } from "./sewing/fold";
import { liesRoundArm } from "./sewing/round-arm";
import type { Rest } from "./solver/implicit";
import type { WornHalf } from "./worn-half";

/** Why a toile is not shown as worn: nothing that it shows would be so on a person. */
export type WornFault = {
  readonly code:
    | "caught"
    | "sliding"
    | "beside-the-arm"
    | "open-seam"
    | "piece-not-worn"
    | "collar-sprung-up"
    | "crosses-itself";
  /** In a plain sentence, with the figure where there is one. */
  readonly says: string;
};

/** Above this strain cloth is caught (measured: 306 to 560 % where it was, 34 % at most where it was not). */
const CAUGHT_STRAIN = 1;
/** A garment that still moves so in a step, as a mean, is sliding off the body. Millimetres. */
const SLIDING_MM = 1;
/** A seam that is open by more is no seam. Millimetres. */
const OPEN_MM = 0.5;
/** More of the cloth's edges than this go through other cloth: it lies in itself. */
const MOST_CROSSING = 0.1;

type Looked = {
  readonly halves: readonly WornHalf[];
  /** The names of pieces that found nothing to hang on. */
  readonly notWorn: readonly string[];
  readonly largestStrain: number;
  readonly rest: Rest;
  /** Millimetres. */
  readonly widestGap: number;
};

/** Everything for which a toile is not to be believed, the gravest first; none for one that is worn as it would be. */
export function faultsOfToile({ halves, notWorn, largestStrain, rest, widestGap }: Looked): readonly WornFault[] {
  const crossing = Math.max(...halves.map(shareCrossing));
  const faults: readonly (WornFault | false)[] = [
    !(largestStrain < CAUGHT_STRAIN) && {
      code: "caught",
      says: `The cloth is caught in itself or on the body: it is drawn out by ${Math.round(largestStrain * 100)} %.`,
    },
    rest.move > SLIDING_MM && { code: "sliding", says: "The garment slides off the body and does not come to rest." },
    !halves.every(liesRoundArm) && { code: "beside-the-arm", says: "An arm lies beside its sleeve." },
    widestGap > OPEN_MM && {
      code: "open-seam",
      says: `A seam stays open by ${widestGap.toFixed(1)} mm: its two edges do not come together on this body.`,
    },
    ...notWorn.map(
      (name): WornFault => ({
        code: "piece-not-worn",
        says: `${name} found no edge to hang on and is left out.`,
      }),
    ),
    !halves.every(liesTurnedDown) && {
      code: "collar-sprung-up",
      says: "The collar has sprung up: its edge lies above its seam.",
    },
    crossing > MOST_CROSSING && {
      code: "crosses-itself",
      says: `The cloth lies in itself: ${Math.round(crossing * 100)} % of its edges go through other cloth.`,
    },
  ];
  return faults.filter((fault) => fault !== false);
}
