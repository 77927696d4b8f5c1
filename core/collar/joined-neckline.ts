import type { Block } from "../block";
import { along, line, mapPath, offset, type Path, type Point, reversePath, rotatePoint, startOf } from "../geometry";

/** Where a place of the front lies in the back's coordinates when both are joined at the shoulder. */
export function frontOnBack({ front, back }: Pick<Block, "front" | "back">): (p: Point) => Point {
  const seam = startOf(back.shoulder.path);
  const onBack = along(back.shoulder.path, 0).direction;
  const onFront = along(front.shoulder.path, 0).direction;
  const from = startOf(front.shoulder.path);
  // Turned over along its shoulder, the front lies on the other side of the seam.
  const angle = Math.atan2(onBack.y, onBack.x) + Math.atan2(onFront.y, onFront.x);
  return (p) => {
    const q = rotatePoint({ x: p.x - from.x, y: from.y - p.y }, { x: 0, y: 0 }, angle);
    return { x: q.x + seam.x, y: q.y + seam.y };
  };
}

/**
 * The neckline of the half garment with front and back joined at the shoulder, as the collar meets it: from the centre back over the
 * shoulder to the centre front, and on along the button stand. Block coordinates of the back.
 */
export function joinedNeckline(block: Block, beyond: number): Path {
  const { front, back } = block;
  const end = startOf(front.centre);
  const stand = beyond > 0 ? line(end, { x: end.x - beyond, y: end.y }) : [];
  return [...reversePath(back.neckline.path), ...mapPath([...front.neckline.path, ...stand], frontOnBack(block))];
}

/** How far below the neckline a turned collar's edge lies: at the centre back, and at the shoulder. Millimetres. */
export type Below = { readonly centreBack: number; readonly shoulder: number };

/**
 * At a place of the neckline a collar that is `width` wide and stands `stand` high lies with its edge width − 2 × stand below it
 * (geometry of the fold). The stand falls smoothly from the centre back to what is left of it at the shoulder.
 */
export function belowOf(width: number, stand: number, standAtShoulder: number): Below {
  return { centreBack: width - 2 * stand, shoulder: width - 2 * standAtShoulder };
}

/**
 * The line on the joined block that a turned collar's edge lies on, from the centre back: the neckline moved out square to itself, smoothly
 * more or less on its way to the shoulder, and on from there in front. Both parts are moved by themselves, so a corner at the
 * shoulder leaves no loop.
 */
export function lineBelowNeckline(
  { front, back }: Block,
  { centreBack, shoulder }: Below,
): { readonly back: Path; readonly whole: Path } {
  // From the centre back the bodice lies to the right of its neckline.
  const onBack = offset(
    reversePath(back.neckline.path),
    (share) => centreBack + (shoulder - centreBack) * share * share * (3 - 2 * share),
    1,
  );
  const place = frontOnBack({ front, back });
  const onFront = offset(mapPath(front.neckline.path, place), () => shoulder, 1);
  return { back: onBack, whole: [...onBack, ...onFront] };
}
