/** An inch of seams in all, half of it at each end (common practice, no source). */
const SEAMS_MM = 25.4;
/** Half a thousandth: a neckline that measures whole units is not cut a unit longer for what was lost in reckoning. */
const SLACK_MM = 0.01;

/** How long a strip to cut for a whole neck edge: with its seams, and up to the next whole unit of the tape; the surplus is trimmed. Millimetres. */
export function stripToCut(wholeNeckEdge: number, wholeUnit: number): number {
  return Math.ceil((wholeNeckEdge + SEAMS_MM - SLACK_MM) / wholeUnit) * wholeUnit;
}
