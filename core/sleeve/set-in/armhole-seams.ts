import { type Block, sewnArmhole } from "../../block";
import { type Figure, length, phrase } from "../../draft";
import { type Path, pathLength, reversePath } from "../../geometry";
import { easeProfile, type Seam, section } from "../../pattern";
import { wantedSeams } from "../cap/cap-frame";
import { standOff } from "../cap/lower-cap";
import type { SetInSleeve } from "./set-in-sleeve";
import type { SetInTask } from "./task";

/** How far the lower cap and the lower armhole lie apart at most, sewn together, from the underarm to the notch. */
export function lowerCapFigures(seams: readonly [Seam, Seam]): readonly Figure[] {
  return seams.map((seam): Figure => {
    const upTo = seam.sections[0]?.bodyLength ?? 0;
    const side = seam.id === "armhole.front" ? "front" : "back";
    return {
      id: `sleeve.lowerCap.${side}`,
      label: `Lower ${side} cap off the armhole`,
      value: standOff(reversePath(seam.bodyPath), reversePath(seam.partPath), upTo),
      kind: "length",
      formula: phrase`underarm laid on underarm: the most between places equally far along, up to the notch at ${length(upTo)}`,
      rule: "Measured on the draft",
      source: "geometry",
    };
  });
}

/** The two halves of the sleeve's seam, measured again on the finished curves. */
export function sleeveSeams(
  block: Block,
  sleeve: SetInSleeve,
  task: SetInTask,
  /** The cap of a style, from the crown down: what is longer is gathered on purpose. */
  styled: { readonly front: Path; readonly back: Path } | null = null,
): readonly [Seam, Seam] {
  const { outline, capLength } = sleeve;
  const caps = styled ?? { front: [outline.capFront], back: [outline.capBack] };
  const wanted = wantedSeams(task.cap);
  const gathered = (side: "front" | "back") => (styled ? pathLength(caps[side]) - capLength[side] : 0);
  return [
    walk(
      "front",
      sewnArmhole(block.front),
      caps.front,
      wanted.front - task.cap.armhole.front + gathered("front"),
      sleeve,
    ),
    walk("back", sewnArmhole(block.back), caps.back, wanted.back - task.cap.armhole.back + gathered("back"), sleeve),
  ];
}

function walk(
  side: "front" | "back",
  bodyDown: Path,
  partDown: Path,
  target: number,
  { notches, twoPiece }: Pick<SetInSleeve, "notches" | "twoPiece">,
): Seam {
  const bodyLength = pathLength(bodyDown);
  const partLength = pathLength(partDown);
  const ease = partLength - bodyLength;
  const notch = notches.find((n) => n.id === side);
  if (!notch) throw new Error(`walk: no notch on the ${side} armhole`);
  const name = `${side} notch`;
  const cap = side === "front" ? "capFront" : "capBack";
  const under = side === "front" ? "capUnderFront" : "capUnderBack";
  const lowerEase = notch.partAt - notch.bodyAt;
  return {
    id: `armhole.${side}`,
    kind: "armhole",
    name: side === "front" ? "Front armhole" : "Back armhole",
    bodyName: `${side} armhole`,
    partName: `${side} cap`,
    body: `${side}.armhole`,
    part: `sleeve.${cap}`,
    bodyEdges: [`${side}.armhole`],
    partEdges: twoPiece ? [`underSleeve.${under}`, `topSleeve.${cap}`] : [`sleeve.${cap}`],
    bodyPath: reversePath(bodyDown),
    partPath: reversePath(partDown),
    bodyLength,
    partLength,
    ease,
    target,
    sections: [
      section("underarm", name, notch.bodyAt, notch.partAt),
      section(name, "shoulder", bodyLength - notch.bodyAt, partLength - notch.partAt),
    ],
    profile: easeProfile(notch.bodyAt, bodyLength, ease, lowerEase),
  };
}
