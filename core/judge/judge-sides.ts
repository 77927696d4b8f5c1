import { length, phrase } from "../draft";
import { SAME_MM, SEEN_MM } from "../geometry";
import { missedGuides, onCap, type SetInSleeve, type SetInTask } from "../sleeve/set-in";
import type { Finding } from "./finding";

/** A sleeve that grows wider on its way down to the elbow: by typed figures only. */
export function judgeBulge(task: SetInTask, sleeve: SetInSleeve): readonly Finding[] {
  const { elbow } = sleeve.outline;
  const width = sleeve.frame.frontWidth + sleeve.frame.backWidth;
  const { elbowWidth, wristWidth } = task.lengths;
  if (!elbow || elbowWidth <= width + BULGES_MM || elbowWidth <= wristWidth + SAME_MM) return [];
  return [
    {
      code: "sides-bulge",
      severity: "note",
      station: "sleeve",
      message: phrase`At the elbow the sleeve is ${length(elbowWidth)} round, ${length(elbowWidth - width)} more than on the cap line: its sides bulge.`,
      reason: phrase`A sleeve narrows from the upper arm down, or its side seams are ruled straight.`,
      numbers: { elbowWidth, width },
      remedies: [
        {
          id: "no-bulge",
          label: phrase`Leave the ease at the elbow to its default`,
          change: { sleeve: { elbowEase: undefined } },
        },
      ],
    },
  ];
}

/** Less is not seen. Our own limit. */
const BULGES_MM = 2;

const PLACES = { upper: "the upper quarter", middle: "the middle", lower: "the lower quarter" } as const;

/** Guide points that were typed and that no fair cap of this width and height passes through. */
export function judgeGuides(task: SetInTask, { frame }: SetInSleeve): readonly Finding[] {
  return missedGuides(task.cap, frame).map(
    ({ side, guide, asked, drawn }): Finding => ({
      code: "guide-point-out-of-reach",
      severity: "warning",
      station: "sleeve",
      message: phrase`At ${PLACES[guide]} of the ${side} slant the cap is to stand ${besideSlant(asked)}; the nearest fair curve stands ${besideSlant(drawn)} there, and is drawn.`,
      reason: phrase`The cap is level at the crown and at the underarm, and turns once between them: that leaves its guide points so much room.`,
      numbers: { asked, drawn },
      remedies: [
        {
          id: `usual-guide-${side}-${guide}`,
          label: phrase`Leave this guide point to the usual curve`,
          change: { sleeve: { guides: { [side]: { [guide]: undefined } } } },
        },
        {
          id: `nearest-guide-${side}-${guide}`,
          label: phrase`Take ${besideSlant(drawn)}`,
          change: { sleeve: { guides: { [side]: { [guide]: drawn } } } },
        },
      ],
    }),
  );
}

const besideSlant = (outside: number) => phrase`${length(Math.abs(outside))} ${outside < 0 ? "inside" : "outside"} it`;

/** Ease asked for below a notch for which the cap has no room: the notch is drawn where it has. */
export function judgeLowerEase(task: SetInTask, sleeve: SetInSleeve): readonly Finding[] {
  return (["front", "back"] as const).flatMap((side): Finding[] => {
    const asked = task.notches[side] + task.lowerEase[side];
    const drawn = onCap(asked, sleeve.capLength[side]);
    if (Math.abs(drawn - asked) <= SEEN_MM) return [];
    return [
      {
        code: "lower-ease-beyond-seam",
        severity: "warning",
        station: "match",
        message: phrase`Below the ${side} notch ${length(task.lowerEase[side])} of ease is asked for; the cap has room for ${length(drawn - task.notches[side])}, and the notch is drawn there.`,
        reason: phrase`The notch on the cap would lie past its crown or its underarm.`,
        numbers: { asked: task.lowerEase[side], drawn: drawn - task.notches[side] },
        remedies: [
          {
            id: `no-lower-ease-${side}`,
            label: phrase`Give no ease below the ${side} notch`,
            change: { sleeve: { lowerEase: { [side]: 0 } } },
          },
        ],
      },
    ];
  });
}
