import type { Cloth } from "../cloth";
import { length, phrase } from "../draft";
import type { Seam } from "../pattern";
import type { SleeveKind } from "../sleeve/all-styles";
import type { Balance, DrawnBodiceSleeve, LeastWidth, Misplaced, NeckOpening, TopEdge } from "../sleeve/style";
import type { Finding, Remedy } from "./finding";
import { ELASTIC_TAKES_MORE, noRoom, TAPE_MM } from "./judge-style";

/** Edges that are to be of one length differ by less, or something was not solved. */
const PAIR_MM = 0.05;
/** A remedy goes this little beyond what it takes, so that it is there when it is read back. */
const BEYOND_MM = 0.01;
/** The same for an edge that runs a little aslant. */
const OVER_MM = 1;

/** A length of the style's, asked so that nothing can be drawn. */
export function judgeNoRoom(kind: SleeveKind, misplaced: Misplaced): Finding {
  return noRoom(kind, misplaced, "not-drawn");
}

/** What is found about a sleeve that took a part of the bodice along. */
export function judgeBodiceSleeve(
  kind: SleeveKind,
  drawing: DrawnBodiceSleeve,
  seams: readonly Seam[],
  cloth: Cloth,
): readonly Finding[] {
  return [
    ...drawing.balances.flatMap((one) => judgeBalance(kind, one)),
    ...judgePairs(kind, seams),
    ...(drawing.neck ? judgeHead(kind, drawing.neck) : []),
    ...(drawing.width ? judgeLeastWidth(kind, drawing.width, cloth) : []),
    ...(drawing.top ? judgeTop(kind, drawing.top, cloth) : []),
  ];
}

/** Front and back that could not be brought to one length within what may be moved. */
function judgeBalance(kind: SleeveKind, { field, what, difference, within, needed }: Balance): readonly Finding[] {
  if (Math.abs(difference) < TAPE_MM) return [];
  const more: Remedy[] =
    needed === null
      ? []
      : [
          {
            id: "balance-front-and-back",
            label: phrase`Let it be moved by ${length(needed)}`,
            change: { sleeve: { [kind]: { [field]: needed + BEYOND_MM } } },
          },
        ];
  return [
    {
      code: "front-and-back-differ",
      severity: "warning",
      station: "sleeve",
      message: phrase`Along the ${what} the ${difference > 0 ? "front" : "back"} is ${length(Math.abs(difference))} longer, after moving by ${length(within)} to balance them.`,
      reason: phrase`Front and back are sewn to each other there: the longer one puckers.`,
      numbers: { difference, within },
      remedies: more,
    },
  ];
}

/** Bodice and sleeve, sewn along an edge that is to be of one length on both. */
function judgePairs(kind: SleeveKind, seams: readonly Seam[]): readonly Finding[] {
  return seams
    .filter((seam) => seam.kind === "raglan" && Math.abs(seam.ease) > PAIR_MM)
    .map((seam) => ({
      code: "edges-differ",
      severity: "fault",
      station: "sleeve",
      message: phrase`${seam.name}: ${length(seam.bodyLength)} on the ${seam.bodyName} and ${length(seam.partLength)} on the ${seam.partName}.`,
      reason: phrase`The edge could not be brought to its length without a second bend in it.`,
      numbers: { body: seam.bodyLength, part: seam.partLength },
      remedies: [
        {
          id: "straighter-lines",
          label: phrase`Draw the raglan lines straight`,
          change: { sleeve: { [kind]: { bowFront: 0, bowBack: 0 } } },
        },
      ],
    }));
}

/** A neck without an opening has to go over the head. */
function judgeHead(kind: SleeveKind, { girth, slit, head, wider, slitFor }: NeckOpening): readonly Finding[] {
  if (head === null || girth + 2 * slit >= head) return [];
  return [
    {
      code: "head-will-not-pass",
      severity: "warning",
      station: "sleeve",
      message: phrase`The neck is ${length(girth)} round${slit > 0 ? phrase`, with its opening ${length(girth + 2 * slit)}` : ""} and the head ${length(head)}: it will not pull on.`,
      reason: phrase`What is cut in one with the sleeve has no other opening.`,
      numbers: { girth, slit, head },
      remedies: [
        ...(wider === null
          ? []
          : [
              {
                id: "wider-neck",
                label: phrase`Widen the neck by ${length(wider)} from the block’s`,
                change: { sleeve: { [kind]: { neckOut: wider } } },
              },
            ]),
        {
          id: "open-neck",
          label: phrase`Open it ${length(slitFor)} at the centre back`,
          change: { sleeve: { [kind]: { slit: slitFor } } },
        },
      ],
    },
  ];
}

/** A sleeve without a fitted cap has to go round the arm at every level. */
function judgeLeastWidth(kind: SleeveKind, found: LeastWidth, cloth: Cloth): readonly Finding[] {
  const { width, limb, level } = found;
  const ease = width - limb;
  const { least } = cloth.upperArmEase;
  if (ease >= least - 0.5) return [];
  const more = least - ease;
  const { upperArmEase, elbowEase, wristEase } = found.easesNow;
  const eases = { upperArmEase: upperArmEase + more, elbowEase: elbowEase + more, wristEase: wristEase + more };
  const downTo = found.downNow + more / found.widerByDown;
  return [
    {
      code: "sleeve-binds",
      severity: "warning",
      station: "sleeve",
      message: phrase`${length(level)} down from the shoulder point the sleeve is ${length(width)} round and the arm ${length(limb)}; ${cloth.name.toLowerCase()} wants at least ${length(least)} of ease.`,
      reason: phrase`It binds round the arm, and pulls the whole garment up with it.`,
      numbers: { width, limb, least },
      remedies: [
        {
          id: "wider-sleeve",
          label: phrase`Give it ${length(more)} more ease all the way down, and go ${length(downTo)} down at the underarm`,
          change: { sleeve: { ...eases, [kind]: { underarmDown: downTo } } },
        },
      ],
    },
  ];
}

/** An upper edge that is drawn in by elastic has to lie round both shoulders, and be gathered no more than the cloth takes. */
function judgeTop(kind: SleeveKind, { edge, girth, elastic, spread }: TopEdge, cloth: Cloth): readonly Finding[] {
  const ratio = edge / elastic;
  const most = cloth.gathers.most * ELASTIC_TAKES_MORE;
  // Of what the edge is to be longer or shorter by, each sleeve takes half.
  const spreadTo = (wanted: number): Remedy[] => {
    const to = spread + (wanted - edge) / 2;
    if (to < 0) return [];
    return [
      {
        id: "spread-top",
        label: phrase`Spread each sleeve by ${length(to)}`,
        change: { sleeve: { [kind]: { spread: to } } },
      },
    ];
  };
  if (edge < girth) {
    return [
      {
        code: "top-too-short",
        severity: "fault",
        station: "sleeve",
        message: phrase`The upper edge is ${length(edge)} round without its elastic, and the shoulders ${length(girth)}: it will not lie off them.`,
        reason: phrase`Elastic draws an edge in; it cannot let it out.`,
        numbers: { edge, girth },
        remedies: spreadTo(girth + OVER_MM),
      },
    ];
  }
  if (ratio <= most) return [];
  return [
    {
      code: "gathers-bulky",
      severity: "warning",
      station: "sleeve",
      message: phrase`At the upper edge ${ratio.toFixed(2)} is gathered onto 1; ${cloth.name.toLowerCase()} gathers onto elastic up to ${most.toFixed(2)}.`,
      reason: phrase`More is bulky under the elastic and stands off.`,
      numbers: { ratio, to: most },
      remedies: spreadTo(most * elastic - OVER_MM),
    },
  ];
}
