import { isRecord } from "../data";
import { isTapeUnit, TAPE_UNITS } from "../tape";
import { GARMENT_FORMAT } from "./garment-fields";
import type { GarmentSpec } from "./garment-spec";
import { type Issue, issuesOf } from "./issues";
import { quoted } from "./read-length";
import { schemaIn } from "./schema";
import { isOfLater, upgraded } from "./upgrade";

export type ReadGarment =
  | { readonly ok: true; readonly spec: GarmentSpec }
  | { readonly ok: false; readonly issues: readonly Issue[] };

/** Reads the text of a garment file, as it is uploaded, posted, mended by hand or given on the command line. */
export function readGarmentText(text: string): ReadGarment {
  if (nestsTooDeep(text)) return refuse(unreadable("too-deep", "The file nests too deep to be a garment."));
  try {
    return readGarment(JSON.parse(text.replace(/^\uFEFF/, "")));
  } catch (error) {
    return refuse(unreadable("not-json", `The file is not JSON: ${error instanceof Error ? error.message : error}`));
  }
}

function unreadable(code: string, message: string): Issue {
  return { code, path: "", message, value: null, bounds: null };
}

/**
 * Reads an open garment file of this format or an older one. Every way in goes through here: the app, the stored versions, the command
 * line. What it refuses is told as issues; it never throws.
 */
export function readGarment(given: unknown): ReadGarment {
  const file = isRecord(given) ? upgraded(given) : given;
  if (!isRecord(file)) {
    return refuse({
      code: "wrong-kind",
      path: "",
      message: "A garment file is a JSON object with format, unit, body, block and sleeve.",
      value: shortened(file),
      bounds: null,
    });
  }
  const { unit, format } = file;
  if (isOfLater(format)) {
    return refuse({
      code: "later-format",
      path: "format",
      message: `The file is of the format ${quoted(format)}, which a later version of Gamine wrote: open it there.`,
      value: format,
      bounds: GARMENT_FORMAT,
    });
  }
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
  const read = schemaIn(unit).safeParse(withBlockSource(file));
  if (!read.success) return { ok: false, issues: issuesOf(read.error, file) };
  const { format: _format, ...spec } = read.data;
  return { ok: true, spec };
}

/** A block that does not say where it comes from comes from readings. */
function withBlockSource(file: Readonly<Record<string, unknown>>): object {
  const { block } = file;
  return isRecord(block) && !("source" in block) ? { ...file, block: { source: "readings", ...block } } : file;
}

/** A file nests seven deep; a reader of nested brackets has only so much room. */
const DEEPEST = 40;

/** Does this text nest so deep that reading it could take more room than there is? Brackets inside of texts count for nothing. */
export function nestsTooDeep(text: string): boolean {
  let depth = 0;
  let isText = false;
  for (let i = 0; i < text.length; i++) {
    const sign = text[i];
    if (isText) {
      if (sign === "\\") i++;
      else if (sign === '"') isText = false;
    } else if (sign === '"') isText = true;
    else if (sign === "[" || sign === "{") {
      depth++;
      if (depth > DEEPEST) return true;
    } else if (sign === "]" || sign === "}") depth--;
  }
  return false;
}

function refuse(issue: Issue): ReadGarment {
  return { ok: false, issues: [issue] };
}

function shortened(value: unknown): unknown {
  return typeof value === "string" && value.length > 40 ? `${value.slice(0, 40)}…` : value;
}
