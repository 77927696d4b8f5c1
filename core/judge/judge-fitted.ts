import { type FittedTold, isPrincess } from "../block";
import { length, phrase } from "../draft";
import { DEGREE } from "../geometry";
import type { ResolvedBlock } from "../resolve";
import type { Finding, Remedy } from "./finding";

type Fitted = ResolvedBlock & { readonly source: "drafted"; readonly school: "fitted" };

/** What a fitted block could not do as it was asked, or did otherwise. */
export function judgeFitted(resolved: ResolvedBlock): readonly Finding[] {
  if (resolved.source !== "drafted" || resolved.school !== "fitted") return [];
  const { drafted, movedDart } = resolved;
  return [
    ...(drafted.ok ? drafted.told.map((one) => findingOf(one, resolved)) : []),
    ...(movedDart ? [movedDartFinding(resolved)] : []),
  ];
}

const note = { severity: "note", station: "block", numbers: {}, remedies: [] } as const;
const degrees = (radians: number) => `${Math.round(radians / DEGREE)}°`;

const solvedLength: Remedy = {
  id: "solve-front-length",
  label: phrase`Let the front's length be solved`,
  change: { body: { frontToWaist: undefined } },
};

function findingOf(told: FittedTold, { task, choices }: Fitted): Finding {
  const { body, ease } = task;
  // A knit gives, and a dropped shoulder hangs free: both bear more before it shows.
  const bears = choices.style === "woven" ? MUCH_MISSING_MM.woven : MUCH_MISSING_MM.loose;
  switch (told.code) {
    case "stooped":
      return {
        ...note,
        code: "back-armhole-longer",
        message: phrase`The back armhole is ${length(told.balance)} longer than the front one.`,
        reason: phrase`The front is short for the back, as on a stooped back; or side neck point to waist slipped.`,
        numbers: { balance: told.balance },
        remedies: [solvedLength],
      };
    case "front-lengthened":
      return {
        ...note,
        severity: "warning",
        code: "front-lengthened",
        message: phrase`Side neck point to waist reads ${length(told.measured)}; the front is drafted ${length(told.drafted)} long.`,
        reason: phrase`A shorter front would draw the armhole off the arm. Measure it again over the bust point.`,
        numbers: { measured: told.measured, drafted: told.drafted },
        remedies: [
          {
            id: "take-drafted-length",
            label: phrase`Take it as ${length(told.drafted)}`,
            change: { body: { frontToWaist: told.drafted } },
          },
          solvedLength,
        ],
      };
    case "front-waist-drop":
      return {
        ...note,
        code: "front-waist-drops",
        message: phrase`The waist lies ${length(told.drop)} lower at the centre front than at the side.`,
        reason: phrase`The front is longer than its bust asks, as over a belly or on an erect body; at the side nothing is added.`,
        numbers: { drop: told.drop },
        remedies: [solvedLength],
      };
    case "front-short-without-dart":
      return {
        ...note,
        severity: told.missing > bears ? "warning" : "note",
        code: "front-short-without-dart",
        message: phrase`Without a bust dart the front lacks ${length(told.missing)} of length over the bust; it is added at the front hem.`,
        reason: phrase`The front hem would rise and folds would point to the bust. Knit gives a part of it; a dart takes all of it.`,
        numbers: { missing: told.missing },
        remedies: [
          { id: "side-dart", label: phrase`Sew a bust dart at the side`, change: { block: { bustDart: "side" } } },
        ],
      };
    case "dart-against-cup":
      return {
        ...note,
        code: "dart-against-cup",
        message: phrase`The lengths ask for a bust dart of ${degrees(told.dart)}, the girths for one of ${degrees(told.cup)}.`,
        reason: phrase`A belly, a posture, or a slip in side neck point to waist or in the upper bust.`,
        numbers: { dart: told.dart / DEGREE, cup: told.cup / DEGREE },
        remedies: [solvedLength],
      };
    case "across-narrowed":
      return {
        ...note,
        severity: "warning",
        code: "across-narrowed",
        message: phrase`Across back and across front are each drafted ${length(2 * told.by)} narrower than asked.`,
        reason: phrase`With this bust and these widths no room would be left for the arm between them.`,
        numbers: { by: told.by },
        remedies: [
          {
            id: "narrower-across",
            label: phrase`Take across back as ${length(body.backWidth - 2 * told.by)} and across front as ${length(body.frontWidth - 2 * told.by)}`,
            change: { body: { backWidth: body.backWidth - 2 * told.by, frontWidth: body.frontWidth - 2 * told.by } },
          },
        ],
      };
    case "across-widened":
      return {
        ...note,
        code: "across-widened",
        message: phrase`Across back and across front are each drafted ${length(2 * told.by)} wider than asked.`,
        reason: phrase`The armhole would else run out to the underarm in a wing.`,
        numbers: { by: told.by },
        remedies: [
          {
            id: "wider-across",
            label: phrase`Give across back and front that much more ease`,
            change: {
              block: {
                ease: {
                  acrossBack: ease.acrossBack + 2 * told.by + 1,
                  acrossFront: ease.acrossFront + 2 * told.by + 1,
                },
              },
            },
          },
        ],
      };
    case "tip-not-square":
      return {
        ...note,
        code: "shoulder-tip-not-square",
        message: phrase`At the shoulder point the armhole leaves the shoulder ${degrees(told.by)} off square.`,
        reason: phrase`Across shoulders and across back are far apart for this slope: measure them again.`,
        numbers: { degrees: told.by / DEGREE },
        remedies: [
          {
            id: "solve-shoulder",
            label: phrase`Let shoulder length and the widths across follow from across shoulders`,
            change: { body: { shoulderLength: undefined, backWidth: undefined, frontWidth: undefined } },
          },
        ],
      };
    case "shoulders-differ":
      return {
        ...note,
        severity: "warning",
        code: "shoulder-measures-differ",
        message: phrase`The shoulder seam puts the shoulder point ${length(told.seam)} from the centre back, and half of across shoulders is ${length(told.width)}.`,
        reason: phrase`Shoulder length, neck base and across shoulders do not belong together; the block goes by the seam.`,
        numbers: { seam: told.seam, width: told.width },
        remedies: [
          {
            id: "shoulder-by-width",
            label: phrase`Let the shoulder length follow from across shoulders`,
            change: { body: { shoulderLength: undefined } },
          },
        ],
      };
    case "second-dart":
      return {
        ...note,
        code: "second-waist-dart",
        message: phrase`The waist takes a second dart.`,
        reason: phrase`One dart would be so wide that it stands out at its point; a princess seam takes both up.`,
        remedies: [
          {
            id: "princess-instead",
            label: phrase`Cut princess panels`,
            change: { block: { shaping: "princess-shoulder", bustDart: undefined }, bodice: { panels: "cut" } },
          },
        ],
      };
    case "waist-over-bust":
      return {
        ...note,
        code: "waist-over-bust",
        message: phrase`The waist is ${length(told.over)} larger than what the bust leaves for it: the side seams run outwards.`,
        reason: phrase`A straight side hangs more quietly over a full waist.`,
        numbers: { over: told.over },
        remedies: [
          {
            id: "straight-side",
            label: phrase`Let the sides fall straight`,
            change: { block: { sideSeam: "straight" } },
          },
        ],
      };
    case "dart-as-ease":
      return {
        ...note,
        code: "dart-as-ease",
        message: phrase`A bust dart of ${degrees(told.dart)} stays as ease in the front armhole.`,
        reason: phrase`So little is pressed away; more has to be sewn.`,
        numbers: { dart: told.dart / DEGREE },
      };
  }
}

/** What a front may lack over the bust before a maker sees it. Our own limits. */
const MUCH_MISSING_MM = { woven: 20, loose: 45 } as const;

function movedDartFinding({ movedDart }: Fitted): Finding {
  return {
    ...note,
    code: "bust-dart-moved",
    message: phrase`The bust dart is sewn at the side: where it was chosen this sleeve or this shaping has no place for it.`,
    reason:
      movedDart && isPrincess(movedDart)
        ? phrase`A princess seam needs a shaping with a princess line, and a sleeve that leaves the shoulder to the bodice.`
        : movedDart === "neck" || movedDart === "gathers"
          ? phrase`A sleeve that takes the shoulder along, or a collar that is cut in one with the front, leaves no neck to it.`
          : phrase`A sleeve that takes the shoulder along leaves only the side.`,
    remedies: [{ id: "dart-at-side", label: phrase`Choose the side`, change: { block: { bustDart: "side" } } }],
  };
}
