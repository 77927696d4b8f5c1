import { change, length, type Phrase, phrase } from "../../draft";
import type { SpecChange } from "../../spec";
import type { Worn } from "../worn";
import type { WornRead } from "./worn-read";

/** What a good colleague would say on seeing the toile, and a way out to try. */
export type WornFinding = {
  readonly code: string;
  readonly message: Phrase;
  readonly reason: Phrase;
  readonly remedy: { readonly label: Phrase; readonly change: SpecChange } | null;
};

/** Cloth that is drawn out so far round an arm is tight: an arm in a woven feels it. Our own limit. */
const TIGHT_SHARE = 0.03;
/** A sleeve that presses its arm harder than this in kilopascals, or whose woven would have to give more than so much, is not to be got on (from memory). */
const NOT_PUT_ON = { pressure: 3, share: 0.05 } as const;
/** Newtons a metre: what takes more to be twice as long is a woven. */
const LEAST_OF_WOVEN = 1000;
/** Less than this over the neck seam, and it shows when the head is bent (common practice, no source). */
const LEAST_COVER_MM = 3;
const MORE_EASE_MM = 20;
const MORE_FALL_MM = 8;

/** What the worn toile shows that has to be mended on the draft. */
export function wornFindings(
  { report, cloth, trunk }: Worn,
  reads: readonly WornRead[],
  spec: { readonly upperArmEase: number | null; readonly fall: number | null },
): readonly WornFinding[] {
  if (report.faults.length > 0) return [];
  const read = (id: string) => reads.find((one) => one.id === id);
  const [cover, bust] = [read("collar.cover.back"), read("room.bust")];
  const [tight] = [read("strain.upperArm"), read("strain.upperArm.left")].filter(
    (one) => one && one.value > TIGHT_SHARE,
  );
  const pressure = tight ? (cloth.weft * tight.value) / (trunk.figures.arm.upper / 1000 / (2 * Math.PI)) / 1000 : 0;
  const cannotBePutOn =
    tight !== undefined &&
    (pressure > NOT_PUT_ON.pressure || (cloth.weft > LEAST_OF_WOVEN && tight.value > NOT_PUT_ON.share));
  const moreEase =
    spec.upperArmEase === null
      ? null
      : {
          label: phrase`Give the upper arm ${change(MORE_EASE_MM)}`,
          change: { sleeve: { upperArmEase: spec.upperArmEase + MORE_EASE_MM } },
        };
  return [
    ...(cannotBePutOn
      ? [
          {
            code: "worn-sleeve-not-put-on",
            message: phrase`This sleeve cannot be put on: the cloth would press the arm with ${pressure.toFixed(1)} kPa.`,
            reason: phrase`The arm is larger than the sleeve, and this cloth does not give so much. More than 3 kPa, or 5 % in a woven, is not worn.`,
            remedy: moreEase,
          },
        ]
      : []),
    ...(tight && !cannotBePutOn
      ? [
          {
            code: "worn-upper-arm-tight",
            message: phrase`The worn toile shows the sleeve drawn tight round the upper arm.`,
            reason: phrase`Cloth that is stretched by the arm itself has nothing left when the arm is bent or raised.`,
            remedy: moreEase,
          },
        ]
      : []),
    ...(cover && cover.value < LEAST_COVER_MM
      ? [
          {
            code: "worn-collar-shows-seam",
            message: phrase`The worn toile shows the collar’s edge ${length(Math.abs(cover.value))} ${cover.value < 0 ? "above" : "below"} the neck seam at the centre back.`,
            reason: phrase`An edge that does not cover the seam lets it be seen when the head is bent.`,
            remedy:
              spec.fall === null
                ? null
                : {
                    label: phrase`Make the fall ${length(MORE_FALL_MM)} deeper`,
                    change: { collar: { fall: spec.fall + MORE_FALL_MM } },
                  },
          },
        ]
      : []),
    ...(bust && bust.value < 0
      ? [
          {
            code: "worn-bust-tight",
            message: phrase`The worn toile shows the cloth stretched over the bust: it is ${length(-bust.value)} less round than the body.`,
            reason: phrase`A woven has to be larger than the body; a knit may be smaller, by as much as it stretches.`,
            remedy: null,
          },
        ]
      : []),
  ];
}
