import { along, type Cubic, type Path, pathLength, reversePath } from "../../geometry";
import type { StyleBase } from "../style";
import type { Slashing } from "./slash";

/** Slashes keep this share inside the hem's ends: the outermost one must not run into a tapered underarm seam. */
const INSIDE_HEM = 0.9;

/** The plain sleeve made ready for slashing between its notches, as far as a tapered hem lets the slashes run down. */
export function betweenNotches({ sleeve }: StyleBase): Omit<Slashing, "atCrown" | "atHem" | "middle"> {
  const { outline } = sleeve;
  const inside = outline.frontHem.x * INSIDE_HEM;
  return {
    capBack: outline.capBack,
    capFront: outline.capFront,
    hem: outline.frontHem.y,
    hemHalf: outline.frontHem.x,
    from: Math.max(-inside, notchX(sleeve.notches, "back", outline.capBack)),
    to: Math.min(inside, notchX(sleeve.notches, "front", outline.capFront)),
  };
}

function notchX(notches: StyleBase["sleeve"]["notches"], id: "front" | "back", cap: Cubic): number {
  const notch = notches.find((one) => one.id === id);
  if (!notch) throw new Error(`notchX: the sleeve has no notch "${id}"`);
  return along(reversePath([cap]), notch.partAt).point.x;
}

/** The gathered zone: the cap between its notches, and the armhole that it is sewn to. */
export function crownZone({ task, sleeve }: StyleBase, caps: { readonly front: Path; readonly back: Path }) {
  const partAt = (id: "front" | "back") => sleeve.notches.find((notch) => notch.id === id)?.partAt ?? 0;
  const cap = pathLength(caps.front) - partAt("front") + pathLength(caps.back) - partAt("back");
  const { armhole } = task.cap;
  const sewnTo = armhole.front - task.notches.front + armhole.back - task.notches.back;
  return { cap, sewnTo, ratio: cap / sewnTo };
}
