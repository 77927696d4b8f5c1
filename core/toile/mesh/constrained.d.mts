/** Turns the edges of a triangulation until those that are asked for are edges of it. */
export default class Constrainautor {
  constructor(triangulation: {
    readonly coords: ArrayLike<number>;
    readonly triangles: Uint32Array;
    readonly halfedges: Int32Array;
    readonly hull: Uint32Array;
  });
  /** Throws where the edge would pass through a point, or cross one that was asked for before. */
  constrainOne(from: number, to: number): number;
}
