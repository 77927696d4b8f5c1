import * as z from "zod/mini";

/** A field that differs: as this one has it, and as it was saved before and stands. Lengths in millimetres. */
const DIFFERENCE = z.object({ path: z.string(), before: z.optional(z.unknown()), after: z.optional(z.unknown()) });

/** What came of two people's work side by side: the version in which both stand together. */
const TOGETHER = z.object({
  number: z.int(),
  authors: z.readonly(z.array(z.string())),
  file: z.unknown(),
  taken: z.readonly(z.array(DIFFERENCE)),
  conflicts: z.readonly(z.array(DIFFERENCE)),
});
export type MergedSave = z.infer<typeof TOGETHER>;

/** What the server answers to a save. */
export const SAVE_ANSWER = z.discriminatedUnion("saved", [
  z.object({ saved: z.literal(true), number: z.int(), besides: z.nullable(z.int()), together: z.nullable(TOGETHER) }),
  z.object({ saved: z.literal(false), reason: z.string() }),
]);
export type SaveAnswer = z.infer<typeof SAVE_ANSWER>;
