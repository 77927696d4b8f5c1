/**
 * The tolerances of the core, each with its reason. What a maker may see or measure (a sixteenth on a tape, 2 mm of bulge) is a limit of
 * the trade, and stands with its judge.
 */

/** Two places, or two figures in mm, that are nearer are the same: turned into inches and back, or summed in another order, they differ by less. */
export const SAME_MM = 1e-6;

/** To what a length or a place that is sought is found: a tenth of SAME_MM, so that two searches for one place agree. */
export const SOLVED_MM = 1e-7;

/** For a search inside another one, whose rounding must not be seen by the outer. */
export const SOLVED_FINELY_MM = 1e-9;

/** Less is neither drawn nor told: a hundredth of a millimetre, a tenth of a sharp pencil's line. */
export const SEEN_MM = 0.01;

/** Turned by less than this (rad) an arc is a straight line: over any strip the two differ by less than SAME_MM. */
export const STRAIGHT_TURN = 1e-9;
