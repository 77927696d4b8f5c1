import { SIDES } from "../../block";
import { line, mapPath, pathLength } from "../../geometry";
import type { EdgePair } from "../../pattern";
import { bodyEdge } from "./raglan-cut";
import type { RaglanDraft } from "./raglan-draft";
import { asBack, besideSleeve, footOf } from "./raglan-pieces";
import { sleeveEdge } from "./shoulder-part";

/** Bodice against sleeve from the underarm over the meeting point to the neck, front and back; and front against back over the arm. */
export function raglanSeams(draft: RaglanDraft, isTwoPiece: boolean): readonly EdgePair[] {
  const { overArm } = draft;
  const places = besideSleeve(draft);
  const down = isTwoPiece ? line(overArm.apex, footOf(draft)) : [];
  const raglan = SIDES.map((side): EdgePair => {
    const cut = draft[side];
    const laid = overArm[side];
    const name = side === "front" ? "Front" : "Back";
    const onSleeve = sleeveEdge(laid);
    return {
      id: `raglan.${side}`,
      kind: "raglan",
      name: `${name} raglan`,
      body: `${side}.raglan`,
      part: isTwoPiece ? `sleeve${name}.raglan${name}` : `sleeve.raglan${name}`,
      bodyEdges: [`${side}.lowerArmhole`, `${side}.raglan`],
      partEdges: isTwoPiece
        ? [`sleeve${name}.lowerCap${name}`, `sleeve${name}.raglan${name}`]
        : [`sleeve.lowerCap${name}`, `sleeve.raglan${name}`],
      bodyName: `${side} of the bodice`,
      partName: "sleeve",
      bodyPath: mapPath(bodyEdge(cut), places[side]),
      partPath: side === "front" ? onSleeve : asBack(onSleeve),
      from: "underarm",
      to: "neck",
      mark: { name: "meeting point", bodyAt: cut.meetingAt, partAt: pathLength(laid.lowerCap) },
    };
  });
  return [
    ...raglan,
    {
      id: "raglan.overarm",
      kind: "dart",
      name: isTwoPiece ? "Over-arm seam" : "Over-arm dart",
      body: isTwoPiece ? "sleeveFront.overArm" : "sleeve.dartFront",
      part: isTwoPiece ? "sleeveBack.overArm" : "sleeve.dartBack",
      bodyEdges: [isTwoPiece ? "sleeveFront.overArm" : "sleeve.dartFront"],
      partEdges: [isTwoPiece ? "sleeveBack.overArm" : "sleeve.dartBack"],
      bodyName: "front leg",
      partName: "back leg",
      bodyPath: [...overArm.frontLeg, ...down],
      partPath: [...asBack(overArm.backLeg), ...down],
      from: "neck",
      to: isTwoPiece ? "hem" : "where it closes",
      mark: {
        name: "shoulder tip",
        bodyAt: pathLength(overArm.front.shoulder),
        partAt: pathLength(overArm.back.shoulder),
      },
    },
  ];
}
