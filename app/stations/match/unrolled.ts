import { type EaseProfile, partAt, type Seam } from "@core/pattern/index";
import type { SeamNotch } from "@core/sleeve/set-in/index";

/** A mark on both ribbons: distances from the back underarm along the unrolled armhole and cap, in millimetres. */
export type Thread = { readonly id: string; readonly name: string; readonly body: number; readonly part: number };

/** The whole seam unrolled from the back underarm over the shoulder to the front underarm. */
export type Unrolled = {
  readonly bodyLength: number;
  readonly partLength: number;
  readonly threads: readonly Thread[];
  /** The ease density (1 = all of it) at places along the armhole. */
  readonly density: readonly { readonly at: number; readonly share: number }[];
};

/** The front half is measured from the other underarm, so it is counted backwards from the far end. */
export function unroll([front, back]: readonly [Seam, Seam], notches: readonly SeamNotch[]): Unrolled {
  const bodyLength = back.bodyLength + front.bodyLength;
  const partLength = back.partLength + front.partLength;
  const place = (notch: SeamNotch): Thread =>
    notch.seam === "armhole.back"
      ? { id: notch.id, name: notch.name, body: notch.bodyAt, part: notch.partAt }
      : { id: notch.id, name: notch.name, body: bodyLength - notch.bodyAt, part: partLength - notch.partAt };
  const threads: Thread[] = [
    { id: "backUnderarm", name: "Underarm", body: 0, part: 0 },
    ...notches.map(place),
    { id: "frontUnderarm", name: "Underarm", body: bodyLength, part: partLength },
  ];
  return {
    bodyLength,
    partLength,
    threads: threads.sort((a, b) => a.body - b.body),
    density: [
      ...back.profile.map((knot) => ({ at: knot.at, share: knot.density })),
      ...front.profile.map((knot) => ({ at: bodyLength - knot.at, share: knot.density })).reverse(),
    ],
  };
}

/** Which place of the cap is sewn to places along the armhole, at even distances from the underarm up. */
export function sewnTogether(
  seam: Seam,
  count: number,
): readonly { readonly body: number; readonly part: number; readonly share: number }[] {
  return Array.from({ length: count + 1 }, (_, i) => {
    const body = (seam.bodyLength * i) / count;
    return { body, part: partAt(seam.profile, body), share: densityAt(seam.profile, body) };
  });
}

function densityAt(profile: EaseProfile, at: number): number {
  for (let i = 1; i < profile.length; i++) {
    const from = profile[i - 1];
    const to = profile[i];
    if (from && to && at <= to.at) {
      return to.at === from.at
        ? to.density
        : from.density + ((to.density - from.density) * (at - from.at)) / (to.at - from.at);
    }
  }
  return 0;
}
