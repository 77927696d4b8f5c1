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
/** Less than this over the neck seam, and it shows when the head is bent (common practice, no source). */
const LEAST_COVER_MM = 3;
const MORE_EASE_MM = 20;
const MORE_FALL_MM = 8;

/** What the worn toile shows that has to be mended on the draft. */
export function wornFindings(
  { report }: Worn,
  reads: readonly WornRead[],
  spec: { readonly upperArmEase: number | null; readonly fall: number | null },
): readonly WornFinding[] {
  if (report.isTangled) return [];
  const read = (id: string) => reads.find((one) => one.id === id);
  const [cover, bust] = [read("collar.cover.back"), read("room.bust")];
  const [tight] = [read("strain.upperArm"), read("strain.upperArm.left")].filter(
    (one) => one && one.value > TIGHT_SHARE,
  );
  return [
    ...(tight
      ? [
          {
            code: "worn-upper-arm-tight",
            message: phrase`The worn toile shows the sleeve drawn tight round the upper arm.`,
            reason: phrase`Cloth that is stretched by the arm itself has nothing left when the arm is bent or raised.`,
            remedy:
              spec.upperArmEase === null
                ? null
                : {
                    label: phrase`Give the upper arm ${change(MORE_EASE_MM)}`,
                    change: { sleeve: { upperArmEase: spec.upperArmEase + MORE_EASE_MM } },
                  },
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
