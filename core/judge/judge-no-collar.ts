import type { NoCollar } from "../collar";
import { length, phrase } from "../draft";
import type { Finding } from "./finding";
import { collarFinding, remedy } from "./finding";

/** As low as any stand is. */
const LOW_MM = 25.4;

/** Why there is no collar, and the nearest one that there is. */
export function judgeNoCollar(why: NoCollar): Finding {
  switch (why.what) {
    case "no-stand": {
      const lower = Math.min(why.height, LOW_MM);
      return collarFinding({
        code: "no-stand-fits",
        severity: "fault",
        message: phrase`No ${why.school === "developed" ? "leaning " : ""}stand ${length(why.height)} high can be drawn for this neckline.`,
        reason: phrase`Its upper edge would close to nothing, or its end come back over itself.`,
        numbers: { height: why.height },
        remedies: [
          remedy("low-straight-stand", phrase`Draw a straight band ${length(lower)} high`, {
            school: "straight",
            height: lower,
          }),
        ],
      });
    }
    case "own":
      return collarFinding({
        code: why.code,
        severity: "fault",
        message: why.message,
        reason: why.reason,
        numbers: why.numbers,
        remedies: why.ways.map(({ id, label, change }) => remedy(id, label, change)),
      });
    case "no-neckline":
      return collarFinding({
        code: "no-neckline",
        severity: "fault",
        message: phrase`The sleeve is cut across below the shoulder, and leaves no neckline to sew a collar to.`,
        reason: phrase`A collar is fitted to a neckline.`,
        numbers: {},
        remedies: [
          {
            id: "raglan-instead",
            label: phrase`Make it a raglan sleeve, which keeps the neckline`,
            change: { sleeve: { kind: "raglan" } },
          },
        ],
      });
    case "break-too-high":
      return collarFinding({
        code: "break-too-high",
        severity: "fault",
        message: phrase`The break point, ${length(why.breakY)} below the neck, does not lie below the front neck, ${length(why.neckline)} down.`,
        reason: phrase`There is nothing to turn back.`,
        numbers: { breakY: why.breakY, neckline: why.neckline },
        remedies: [
          remedy("break-at-chest", phrase`Let it break at the chest line`, { breakAt: "chest", breakDepth: undefined }),
          remedy("break-at-waist", phrase`Let it break at the waist`, { breakAt: "waist", breakDepth: undefined }),
        ],
      });
    case "gorge-beyond-neckline":
      return collarFinding({
        code: "gorge-beyond-neckline",
        severity: "fault",
        message: phrase`The gorge starts ${length(why.start)} along the neckline; ${length(why.most)} is the most here.`,
        reason: phrase`Beyond that it would start beside the neckline.`,
        numbers: { start: why.start, most: why.most },
        remedies: [remedy("usual-gorge", phrase`Start it where the roll line hides it`, { gorgeStart: undefined })],
      });
    case "foot-too-high":
      return collarFinding({
        code: "foot-too-high",
        severity: "fault",
        message: phrase`The lapel would be widest ${length(why.foot)} above the break point; the crease line leaves room for ${length(why.most)}.`,
        reason: phrase`Higher up it is the collar, no longer the lapel.`,
        numbers: { foot: why.foot, most: why.most },
        remedies: [
          remedy("usual-foot", phrase`Leave it to the usual place`, { lapelFoot: undefined }),
          remedy("lower-foot", phrase`Make it ${length(why.most)}`, { lapelFoot: why.most }),
        ],
      });
    case "notch-too-long":
      return collarFinding({
        code: "notch-too-long",
        severity: "fault",
        message: phrase`The notch comes in by ${length(why.lapel)}, and the gorge leaves room for ${length(Math.max(0, why.gorge))}.`,
        reason: phrase`It would reach past the start of the gorge.`,
        numbers: { lapel: why.lapel, gorge: why.gorge },
        remedies: [
          ...(why.gorge / 2 >= LEAST_NOTCH_MM
            ? [
                remedy("shorter-notch", phrase`Come in by ${length(why.gorge / 2)}, half of that`, {
                  notchLapel: why.gorge / 2,
                  notchCollar: why.gorge / 2,
                }),
              ]
            : []),
          remedy("wider-lapel", phrase`Let the lapel reach ${length(why.lapel)} beyond the button stand`, {
            lapelOut: why.lapel,
          }),
        ],
      });
    case "lapel-below-break":
      return collarFinding({
        code: "lapel-below-break",
        severity: "fault",
        message: phrase`The lapel’s tip would lie ${length(why.tip)} below the neck point, and the break point ${length(why.breakY)}.`,
        reason: phrase`A lapel turns back above its break point.`,
        numbers: { tip: why.tip, breakY: why.breakY },
        remedies: [
          remedy("usual-lapel-tip", phrase`Put its tip ${length(why.usualDrop)} below the front neck`, {
            gorgeDrop: why.usualDrop,
          }),
        ],
      });
    case "out-too-far":
      return collarFinding({
        code: "collar-end-too-far-out",
        severity: "fault",
        message: phrase`With its end ${length(why.out)} out of the guide line the neck edge cannot be as short as the back neck.`,
        reason: phrase`It would have to come back over itself.`,
        numbers: { out: why.out },
        remedies: [remedy("less-out", phrase`Move its end out by ${length(why.usual)}`, { out: why.usual })],
      });
    case "spread-beyond-point":
      return collarFinding({
        code: "spread-beyond-point",
        severity: "fault",
        message: phrase`The points spread ${length(Math.abs(why.spread))}, and their front edge is only ${length(why.point)} long.`,
        reason: phrase`A point cannot lie further aside than its edge is long.`,
        numbers: { spread: why.spread, point: why.point },
        remedies: [
          remedy("less-spread", phrase`Spread them by ${length(why.point / 2)}`, {
            spread: (Math.sign(why.spread) * why.point) / 2,
          }),
        ],
      });
  }
}

/** The least that a notch may be: its field's bound. */
const LEAST_NOTCH_MM = 3;
