import type { Phrase } from "../draft";
import type { SpecChange } from "../spec";
import type { Finding, Remedy } from "./finding";

type Told = Pick<Finding, "code" | "severity" | "message" | "reason" | "numbers"> & {
  readonly remedies?: readonly Remedy[];
};

/** A finding about the collar, with no remedy where none is given. */
export const told = (finding: Told): Finding => ({ station: "collar", remedies: [], ...finding });

/** A remedy that changes the collar. */
export const remedy = (id: string, label: Phrase, collar: NonNullable<SpecChange["collar"]>): Remedy => ({
  id,
  label,
  change: { collar },
});
