import * as z from "zod/mini";

/** What the server answers to a save. */
export const SAVE_ANSWER = z.discriminatedUnion("saved", [
  z.object({ saved: z.literal(true), number: z.int(), besides: z.nullable(z.int()) }),
  z.object({ saved: z.literal(false), reason: z.string() }),
]);
export type SaveAnswer = z.infer<typeof SAVE_ANSWER>;
