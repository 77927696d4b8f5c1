import { at } from "@core/data/index";
import type { Issue } from "@core/spec/index";

const EXPORT_KINDS = ["svg", "pdf", "dxf", "hpgl", "card", "csv", "layplan", "block-svg", "block-dxf"] as const;
export type ExportKind = (typeof EXPORT_KINDS)[number];

export type Request =
  | { readonly kind: "one"; readonly file: string; readonly out: string | null; readonly as: readonly ExportKind[] }
  | { readonly kind: "wear"; readonly file: string; readonly out: string | null; readonly raised: number }
  | { readonly kind: "many"; readonly file: string };

export type ReadRequest =
  | { readonly ok: true; readonly request: Request }
  | { readonly ok: false; readonly issues: readonly Issue[] };

const USAGE =
  "Usage: draft -- GARMENT.json [--out DIR --as svg,pdf,dxf,hpgl,card,csv,layplan,block-svg,block-dxf], draft -- --wear GARMENT.json [--raised DEGREES --out DIR], or draft -- --many FILE.jsonl";

/** The command line's words as a request, or what is wrong with them. */
export function readArguments(words: readonly string[]): ReadRequest {
  const files: string[] = [];
  const options = new Map<string, string>();
  for (let i = 0; i < words.length; i++) {
    const word = at(words, i);
    if (!word.startsWith("--")) {
      files.push(word);
      continue;
    }
    const value = words[i + 1];
    if (!["--out", "--as", "--many", "--wear", "--raised"].includes(word))
      return refuse("arguments", `${word} is not an option. ${USAGE}`, word);
    if (value === undefined || value.startsWith("--"))
      return refuse("arguments", `${word} wants a value. ${USAGE}`, word);
    options.set(word, value);
    i++;
  }
  const many = options.get("--many");
  if (many !== undefined) {
    return files.length > 0 || options.size > 1
      ? refuse("arguments", `--many stands alone. ${USAGE}`, words.join(" "))
      : { ok: true, request: { kind: "many", file: many } };
  }
  const wear = options.get("--wear");
  if (wear !== undefined) return wearRequest(wear, files, options);
  if (options.has("--raised"))
    return refuse("arguments", `--raised goes with --wear. ${USAGE}`, options.get("--raised"));
  const [file] = files;
  if (file === undefined || files.length > 1)
    return refuse("arguments", `One garment file is wanted. ${USAGE}`, files.length);
  const kinds = (options.get("--as") ?? "svg").split(",").map((kind) => kind.trim());
  const known = kinds.flatMap((kind) => EXPORT_KINDS.filter((one) => one === kind));
  const unknown = kinds.find((kind) => !known.some((one) => one === kind));
  if (unknown !== undefined)
    return refuse("arguments", `--as ${unknown} is not written yet. It can be ${EXPORT_KINDS.join(", ")}.`, unknown);
  const out = options.get("--out") ?? null;
  if (out === null && options.has("--as"))
    return refuse("arguments", `--as wants --out DIR, the folder to write to. ${USAGE}`, kinds.join(","));
  return { ok: true, request: { kind: "one", file, out, as: known } };
}

/** No arm goes higher. */
const MOST_RAISED = 120;

function wearRequest(file: string, files: readonly string[], options: ReadonlyMap<string, string>): ReadRequest {
  const raised = Number(options.get("--raised") ?? 0);
  if (files.length > 0 || options.has("--as"))
    return refuse("arguments", `--wear goes with --raised and --out alone. ${USAGE}`, file);
  if (!(raised >= 0 && raised <= MOST_RAISED))
    return refuse(
      "arguments",
      `--raised is 0 to ${MOST_RAISED} degrees, and "${options.get("--raised")}" is not.`,
      options.get("--raised"),
    );
  return { ok: true, request: { kind: "wear", file, out: options.get("--out") ?? null, raised } };
}

function refuse(path: string, message: string, value: unknown): ReadRequest {
  return { ok: false, issues: [{ code: "usage", path, message, value, bounds: null }] };
}
