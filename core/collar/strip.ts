/** An inch of seams in all, half of it at each end (common practice, no source). */
export const STRIP_SEAMS_MM = 25.4;

/** How long a strip is for a whole neck edge with its seams, before it is cut up to a whole unit of the tape. Millimetres. */
export function stripFor(wholeNeckEdge: number): number {
  return wholeNeckEdge + STRIP_SEAMS_MM;
}
