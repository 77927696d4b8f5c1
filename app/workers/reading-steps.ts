/** What is done with a drawing one after the other; each takes longer the larger it is. */
export const READING_STEPS = ["its lines are read", "its edges are found", "the likely edges are looked for"] as const;
