import type { Block } from "../block";
import { along, line, mapPath, type Path, type Point, reversePath, startOf, turnPoint } from "../geometry";

/**
 * The neckline of the half garment with front and back joined at the shoulder, as the collar meets it: from the centre back over the
 * shoulder to the centre front, and on along the button stand. Block coordinates of the back.
 */
export function joinedNeckline({ front, back }: Block, beyond: number): Path {
  const seam = startOf(back.shoulder.path);
  const onBack = along(back.shoulder.path, 0).direction;
  const onFront = along(front.shoulder.path, 0).direction;
  const from = startOf(front.shoulder.path);
  // Turned over along its shoulder, the front lies on the other side of the seam.
  const angle = Math.atan2(onBack.y, onBack.x) + Math.atan2(onFront.y, onFront.x);
  const place = (p: Point): Point => {
    const q = turnPoint({ x: p.x - from.x, y: from.y - p.y }, { x: 0, y: 0 }, angle);
    return { x: q.x + seam.x, y: q.y + seam.y };
  };
  const stand = beyond > 0 ? mapPath(line(endAt(front), { x: endAt(front).x - beyond, y: endAt(front).y }), place) : [];
  return [...reversePath(back.neckline.path), ...mapPath(front.neckline.path, place), ...stand];
}

function endAt({ centre }: Block["front"]): Point {
  return startOf(centre);
}
