import { isTapeUnit, TAPE_UNITS } from "../tape";
import { type Issue, issuesOf } from "./issues";
import { quoted } from "./length-field";
import { GARMENT_SCHEMAS } from "./schema";
import type { GarmentSpec } from "./spec";

export type ReadGarment =
  | { readonly ok: true; readonly spec: GarmentSpec }
  | { readonly ok: false; readonly issues: readonly Issue[] };

/** Reads an open garment file. Every way in goes through here: the app, the stored versions, the command line. */
export function readGarment(file: unknown): ReadGarment {
  if (file === null || typeof file !== "object" || Array.isArray(file)) {
    return refuse({
      code: "wrong-kind",
      path: "",
      message: "A garment file is a JSON object with format, unit, body, block and sleeve.",
      value: shortened(file),
      bounds: null,
    });
  }
  const unit = (file as { unit?: unknown }).unit;
  if (!isTapeUnit(unit)) {
    const message = unit === undefined ? "Unit is missing." : `Unit: ${quoted(unit)} is not known.`;
    return refuse({
      code: unit === undefined ? "missing" : "not-one-of",
      path: "unit",
      message: `${message} It can be ${TAPE_UNITS.map(quoted).join(", ")}; every length of the file is in it.`,
      value: unit ?? null,
      bounds: TAPE_UNITS,
    });
  }
  const read = GARMENT_SCHEMAS[unit].safeParse(file);
  if (!read.success) return { ok: false, issues: issuesOf(read.error, file) };
  const { format: _format, ...spec } = read.data;
  return { ok: true, spec };
}

function refuse(issue: Issue): ReadGarment {
  return { ok: false, issues: [issue] };
}

function shortened(value: unknown): unknown {
  return typeof value === "string" && value.length > 40 ? `${value.slice(0, 40)}…` : value;
}
