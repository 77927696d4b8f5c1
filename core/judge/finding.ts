import type { Phrase } from "../draft";
import type { SpecChange } from "../spec";
import type { FindingCode } from "./findings-table";

export type Severity = "fault" | "warning" | "note";

/** A way out that the program can take by itself. */
export type Remedy = { readonly id: string; readonly label: Phrase; readonly change: SpecChange };

/** Something a good colleague would say about the draft. */
export type Finding = {
  readonly code: FindingCode;
  readonly severity: Severity;
  /** The station where it is mended. */
  readonly station: "measures" | "block" | "sleeve" | "collar" | "pieces" | "match";
  readonly message: Phrase;
  /** The piece that it is about, by its id, where it is about one. */
  readonly piece?: string;
  /** Why it matters on the body or at the machine, in one sentence. */
  readonly reason: Phrase;
  /** Millimetres. */
  readonly numbers: Readonly<Record<string, number>>;
  readonly remedies: readonly Remedy[];
};

type Told = Pick<Finding, "code" | "severity" | "message" | "reason" | "numbers"> & {
  readonly remedies?: readonly Remedy[];
};

/** A finding about the collar, with no remedy where none is given. */
export const collarFinding = (finding: Told): Finding => ({ station: "collar", remedies: [], ...finding });

/** A remedy that changes the collar. */
export const remedy = (id: string, label: Phrase, collar: NonNullable<SpecChange["collar"]>): Remedy => ({
  id,
  label,
  change: { collar },
});

/**
 * A finding whose remedies take solving: they are worked out when somebody asks for them, once, and not at every frame of a drag. To
 * whoever reads it, it is a finding like any other.
 */
export function solvedLater(found: Omit<Finding, "remedies">, solve: () => readonly Remedy[]): Finding {
  let solved: readonly Remedy[] | null = null;
  return {
    ...found,
    get remedies() {
      solved ??= solve();
      return solved;
    },
  };
}

/** The same finding with other remedies made of its own, when they are asked for. */
export function withRemediesOf(found: Finding, change: (remedies: readonly Remedy[]) => readonly Remedy[]): Finding {
  const { code, severity, station, message, piece, reason, numbers } = found;
  const same = { code, severity, station, message, reason, numbers, ...(piece === undefined ? {} : { piece }) };
  return solvedLater(same, () => change(found.remedies));
}
