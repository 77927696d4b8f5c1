import type { Bodice, BodiceFault } from "../bodice";
import { MOST_RISE_SHARE } from "../bodice";
import { length, phrase } from "../draft";
import type { SpecChange } from "../spec";
import type { Finding } from "./finding";

/** What could not be cut as it was asked, each with what would do. */
export function judgeBodicePieces({ faults }: Bodice): readonly Finding[] {
  return faults.map(toldOf);
}

const note = { severity: "warning", station: "pieces", numbers: {} } as const;

const change = (bodice: NonNullable<SpecChange["bodice"]>): SpecChange => ({ bodice });

function toldOf(fault: BodiceFault): Finding {
  switch (fault.what) {
    case "not-on-fold": {
      const { side } = fault;
      return {
        ...note,
        code: "not-on-fold",
        message: phrase`The centre ${side} is not straight: it cannot be cut on the fold, and is cut as a pair with a seam.`,
        reason: phrase`Cloth folds along a straight line only.`,
        remedies: [
          {
            id: `seam-${side}`,
            label: phrase`Make the centre ${side} a seam`,
            change: change(side === "front" ? { front: "seam" } : { back: "seam" }),
          },
        ],
      };
    }
    case "not-cut-apart":
      return {
        ...note,
        code: "not-cut-apart",
        message: phrase`The ${fault.side} is not cut into panels: its princess line does not run from the top to the hem.`,
        reason: phrase`Something cuts the line off, or the hem rises above the end of its dart.`,
        remedies: [{ id: "whole-halves", label: phrase`Leave the halves whole`, change: change({ panels: "whole" }) }],
      };
    case "hem-not-straight":
      return {
        ...note,
        code: "hem-not-straight",
        message: phrase`The hem is curved: nothing is drawn below it for a ${fault.hem === "casing" ? "casing" : "turn-up"}.`,
        reason: phrase`A curved edge does not fold up flat. Face it with a bias strip, or make the hem straight.`,
        remedies: [
          {
            id: "no-flare",
            label: phrase`Take the flare out`,
            change: change({ flare: 0 }),
          },
          { id: "faced-hem", label: phrase`Finish it as a plain hem`, change: change({ hem: "plain", hemDepth: 0 }) },
        ],
      };
    case "front-is-made":
      return {
        ...note,
        severity: "note",
        code: "front-is-made",
        message: phrase`The front edge is made by the lapel or the band: the choice of ${fault.asked === "fold" ? "a fold" : fault.asked === "seam" ? "a seam" : fault.asked === "zip" ? "a zip" : "a button stand"} for the centre front is kept for another collar.`,
        reason: phrase`Two ways of making one edge contradict each other.`,
        remedies: [
          {
            id: "front-by-collar",
            label: phrase`Leave the front edge to the collar`,
            change: change({ front: undefined }),
          },
        ],
      };
    case "zip-beyond-centre":
      return {
        ...note,
        code: "zip-beyond-centre",
        message: phrase`The front edge lies ${length(fault.beyond)} beyond the centre front, and a zip is to be sewn into it.`,
        reason: phrase`Two edges that meet in a zip lie at the centre front; what runs on makes the front so much too wide.`,
        numbers: { beyond: fault.beyond },
        remedies: [
          {
            id: "zip-at-centre",
            label: phrase`End the front at its centre`,
            change: { collar: { beyond: undefined } },
          },
        ],
      };
    case "stand-too-narrow":
      return {
        ...note,
        code: "stand-too-narrow",
        message: phrase`The collar runs ${length(fault.beyond)} beyond the centre front and the button stand only ${length(fault.stand)}: the stand is drawn as wide as the collar needs.`,
        reason: phrase`A collar is sewn to nothing beyond the front edge.`,
        numbers: { stand: fault.stand, beyond: fault.beyond },
        remedies: [
          {
            id: "wider-stand",
            label: phrase`Make the stand ${length(fault.beyond)} wide`,
            change: change({ stand: fault.beyond }),
          },
        ],
      };
    case "slit-too-long":
      return {
        ...note,
        code: "slit-too-long",
        message: phrase`The slit is ${length(fault.slit)} long and the centre back ${length(fault.centre)}: it is not drawn.`,
        reason: phrase`A slit that goes on so far leaves no back below it to hold it together.`,
        numbers: { slit: fault.slit, centre: fault.centre },
        remedies: [
          {
            id: "shorter-slit",
            label: phrase`Make it ${length(fault.centre / 4)} long`,
            change: change({ slit: fault.centre / 4 }),
          },
        ],
      };
    case "rise-too-high": {
      const most = fault.side * MOST_RISE_SHARE;
      return {
        ...note,
        code: "rise-too-high",
        message: phrase`The hem rises by ${length(fault.rise)} at the side, where the side seam is ${length(fault.side)} long: it is left straight.`,
        reason: phrase`Under a hem that rises so far no side seam is left.`,
        numbers: { rise: fault.rise, side: fault.side },
        remedies: [
          {
            id: "lower-rise",
            label: phrase`Raise it by ${length(most / 2)}`,
            change: change({ hemRise: most / 2 }),
          },
        ],
      };
    }
  }
}
