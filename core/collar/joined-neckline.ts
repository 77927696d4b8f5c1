import type { Block } from "../block";
import {
  along,
  fairCurve,
  line,
  mapPath,
  type Path,
  type Point,
  pathLength,
  reversePath,
  startOf,
  turnPoint,
} from "../geometry";

/** Where a place of the front lies in the back's coordinates when both are joined at the shoulder. */
export function frontOnBack({ front, back }: Pick<Block, "front" | "back">): (p: Point) => Point {
  const seam = startOf(back.shoulder.path);
  const onBack = along(back.shoulder.path, 0).direction;
  const onFront = along(front.shoulder.path, 0).direction;
  const from = startOf(front.shoulder.path);
  // Turned over along its shoulder, the front lies on the other side of the seam.
  const angle = Math.atan2(onBack.y, onBack.x) + Math.atan2(onFront.y, onFront.x);
  return (p) => {
    const q = turnPoint({ x: p.x - from.x, y: from.y - p.y }, { x: 0, y: 0 }, angle);
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

/** A line beside a neckline is drawn through so many places of each of its two parts. */
const PLACES = 24;

/**
 * The line on the joined block that lies `below` the neckline everywhere, from the centre back: the neckline moved out square to itself.
 * Both parts are moved by themselves, so a corner at the shoulder leaves no loop.
 */
export function lineBelowNeckline(
  { front, back }: Block,
  below: number,
): { readonly back: Path; readonly whole: Path } {
  const movedOut = (neckline: Path): Path => {
    const whole = pathLength(neckline);
    return fairCurve(
      Array.from({ length: PLACES + 1 }, (_, i) => {
        const { point, direction } = along(neckline, (whole * (1 - Math.cos((Math.PI * i) / PLACES))) / 2);
        // From the centre back the bodice lies to the right of its neckline.
        return { x: point.x - direction.y * below, y: point.y + direction.x * below };
      }),
    );
  };
  const onBack = movedOut(reversePath(back.neckline.path));
  const place = frontOnBack({ front, back });
  return { back: onBack, whole: [...onBack, ...movedOut(mapPath(front.neckline.path, place))] };
}
