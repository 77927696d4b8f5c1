import { mapPath, type Path } from "../../geometry";
import type { SetInSleeve } from "./set-in-sleeve";

/** The cap seam from the back underarm over the crown to the front, with the cap line at height nothing: for laying caps over each other. */
export function capOnCapLine({ outline, frame }: SetInSleeve): Path {
  const [a, b, c, d] = outline.capBack;
  const path: Path = [[d, c, b, a], outline.capFront];
  return mapPath(path, (p) => ({ x: p.x, y: p.y - frame.height }));
}
