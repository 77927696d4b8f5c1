import { sketchGarment } from "../garment";
import { COARSE, ended, lineDrawing, pictureOf, wear } from "../toile";
import { measuresRead } from "./measures-read";
import type { ShownPoint } from "./shown";
import { MIDDLE_BODY, type StartingPoint, startedFrom } from "./starting-points";

/** Arms a little off the body, so that the sleeves are seen whole. */
const POSE = { raised: 22, forward: 4, elbow: 10 } as const;

/** Drafts, tries and wears a starting point; some seconds. Throws for a file that cannot be read. */
export function makeShown(point: StartingPoint): ShownPoint {
  const spec = startedFrom(point, MIDDLE_BODY);
  if (!spec) throw new Error(`The starting point ${point.id} cannot be read.`);
  const worn = ended(wear(sketchGarment(spec), { ...COARSE, pose: POSE }));
  return { reads: measuresRead(spec), worn: "why" in worn ? null : lineDrawing(pictureOf(worn)) };
}
