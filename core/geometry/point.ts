/** A place on the draft, in millimetres; x to the side, y down. */
export type Point = { readonly x: number; readonly y: number };

export const add = (a: Point, b: Point): Point => ({ x: a.x + b.x, y: a.y + b.y });
/** The point on the other side of the upright x = 0. */
export const mirrored = (p: Point): Point => ({ x: -p.x, y: p.y });
export const distance = (a: Point, b: Point): number => Math.hypot(b.x - a.x, b.y - a.y);
export const mix = (a: Point, b: Point, t: number): Point => ({ x: a.x + (b.x - a.x) * t, y: a.y + (b.y - a.y) * t });
