/** How wide the eye opens, in degrees, and what it sees nearest and farthest, in metres: whoever turns the view and whoever draws it have one eye. */
export const LENS = { opens: 28, near: 0.05, far: 20 } as const;
