import { closeSync, createReadStream, mkdirSync, openSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { createInterface } from "node:readline";
import { speak } from "@core/draft/index";
import { draftGarment, type Garment } from "@core/garment/index";
import { writeResult } from "@core/result/index";
import { type Issue, readGarmentText } from "@core/spec/index";
import {
  type ArmPose,
  COARSE,
  ended,
  FINE,
  HANGING,
  type NotWorn,
  pictureOf,
  raisedReads,
  readsOf,
  type ToldRead,
  type Worn,
  wear,
  wearFrom,
} from "@core/toile/index";
import {
  drawingSheet,
  laySvg,
  printSheet,
  writeBlockDxf,
  writeBlockSvg,
  writeBookletPdf,
  writeDxfR12,
  writeDxfSplines,
  writeFiguresCsv,
  writeHpgl,
  writeLayPdf,
  writeNotchesCsv,
  writePdf,
  writeSeamsCsv,
  writeSvg,
  writeTablesPdf,
  writeToileObj,
} from "@exporting/index";
import { type ExportKind, type Request, readArguments } from "./arguments";

type WearRequest = Extract<Request, { readonly kind: "wear" }>;

const DRAFTED = 0;
const NOT_A_GARMENT = 2;

/** A garment file is a few kilobytes; this is far beyond any, and keeps a wrong file from filling the memory. */
const LARGEST_FILE = 5_000_000;

/** Where results and issues are written: whole texts, one after the other. */
export type Io = { readonly out: (text: string) => void; readonly err: (text: string) => void };

type Outcome =
  | { readonly ok: true; readonly garment: Garment }
  | { readonly ok: false; readonly issues: readonly Issue[] };

function draftText(text: string): Outcome {
  const read = readGarmentText(text);
  return read.ok ? { ok: true, garment: draftGarment(read.spec) } : read;
}

function issue(code: string, path: string, message: string): Outcome & { readonly ok: false } {
  return { ok: false, issues: [{ code, path, message, value: null, bounds: null }] };
}

async function draftOne(path: string, out: string | null, kinds: readonly ExportKind[]): Promise<Outcome> {
  let text: string;
  try {
    text = readFileSync(path, { encoding: "utf8" });
  } catch (error) {
    return issue("unreadable", path, `${path} cannot be read: ${reason(error)}`);
  }
  if (text.length > LARGEST_FILE)
    return issue("unreadable", path, `${path} is larger than any garment file (${LARGEST_FILE} characters).`);
  const outcome = draftText(text);
  if (!outcome.ok || out === null) return outcome;
  try {
    await writeExports(outcome.garment, out, kinds);
  } catch (error) {
    return issue("unwritable", out, `${out} cannot be written to: ${reason(error)}`);
  }
  return outcome;
}

async function writeExports(garment: Garment, out: string, kinds: readonly ExportKind[]): Promise<void> {
  const { unit } = garment.spec;
  mkdirSync(out, { recursive: true });
  const options = { tape: unit, lines: "both", about: "" } as const;
  const drawing = drawingSheet(garment, options);
  if (kinds.includes("svg")) writeFileSync(join(out, "sheet.svg"), writeSvg(drawing));
  if (kinds.includes("pdf")) {
    for (const paper of ["a4", "letter"] as const)
      writeFileSync(join(out, `sheets-${paper}.pdf`), await writePdf(printSheet(garment, options, paper), paper));
  }
  if (kinds.includes("dxf")) {
    writeFileSync(join(out, "pattern-r12.dxf"), writeDxfR12(drawing));
    writeFileSync(join(out, "pattern-splines.dxf"), writeDxfSplines(drawing));
  }
  if (kinds.includes("hpgl")) writeFileSync(join(out, "pattern.hpgl"), writeHpgl(drawing).text);
  if (kinds.includes("card")) {
    writeFileSync(join(out, "booklet.pdf"), await writeBookletPdf(garment, unit, ""));
    writeFileSync(join(out, "tables.pdf"), await writeTablesPdf(garment, unit, ""));
  }
  if (kinds.includes("layplan")) {
    writeFileSync(join(out, "lay-plan.svg"), laySvg(garment, unit));
    writeFileSync(join(out, "lay-plan.pdf"), await writeLayPdf(garment, unit));
  }
  if (kinds.includes("csv")) {
    writeFileSync(join(out, "figures.csv"), writeFiguresCsv(garment, unit));
    writeFileSync(join(out, "seams.csv"), writeSeamsCsv(garment, unit));
    writeFileSync(join(out, "notches.csv"), writeNotchesCsv(garment));
  }
  if (garment.block && kinds.includes("block-svg")) writeFileSync(join(out, "block.svg"), writeBlockSvg(garment.block));
  if (garment.block && kinds.includes("block-dxf")) writeFileSync(join(out, "block.dxf"), writeBlockDxf(garment.block));
}

/** Wears one garment, and prints what was read off it with the solver's report; with a folder it writes the worn cloth there too. */
async function wearOne({ file, out, raised }: WearRequest, io: Io): Promise<number> {
  const outcome = await draftOne(file, null, []);
  if (!outcome.ok) return report(io, outcome.issues);
  const worn = wornOf(outcome.garment, raised);
  if ("why" in worn) return report(io, issue("not-worn", file, worn.why).issues);
  const { unit, name } = outcome.garment.spec;
  const reads = worn.reads.map(({ how, ...read }) => ({ ...read, how: speak(how, unit) }));
  print(io, { format: "gamine-toile/1", unit: "mm", report: worn.toile.report, pose: worn.toile.pose, reads });
  if (out === null) return DRAFTED;
  try {
    mkdirSync(out, { recursive: true });
    writeFileSync(join(out, "worn.obj"), writeToileObj(pictureOf(worn.toile), name));
  } catch (error) {
    return report(io, issue("unwritable", out, `${out} cannot be written to: ${reason(error)}`).issues);
  }
  return DRAFTED;
}

/** The toile in its pose with its reads, those of the raised arm against the arm that hangs. */
function wornOf(
  garment: Garment,
  raised: number,
): NotWorn | { readonly toile: Worn; readonly reads: readonly ToldRead[] } {
  const coarse = ended(wear(garment, COARSE));
  if ("why" in coarse) return coarse;
  const down = finer(coarse, garment, HANGING);
  if ("why" in down || raised <= HANGING.raised) return "why" in down ? down : { toile: down, reads: readsOf(down) };
  const up = finer(down, garment, { ...HANGING, raised });
  return "why" in up ? up : { toile: up, reads: [...readsOf(up), ...raisedReads(down, up)] };
}

function finer(from: Worn, garment: Garment, pose: ArmPose): Worn | NotWorn {
  const steps = from.report.faults.length > 0 ? null : wearFrom(from, garment, { ...FINE, pose });
  return steps ? ended(steps) : from;
}

/** One result a line out for one garment a line in; a line that is no garment gives its issues and the rest goes on. */
async function draftMany(path: string, io: Io): Promise<number> {
  try {
    closeSync(openSync(path, "r"));
  } catch (error) {
    return report(io, issue("unreadable", path, `${path} cannot be read: ${reason(error)}`).issues);
  }
  let status = DRAFTED;
  for await (const line of createInterface({ input: createReadStream(path), crlfDelay: Number.POSITIVE_INFINITY })) {
    if (line.trim() === "") continue;
    const result = resultOf(line);
    if ("issues" in result) status = NOT_A_GARMENT;
    print(io, result);
  }
  return status;
}

/** One line's result or its issues, whatever the line holds: the lines after it go on. */
function resultOf(line: string): Record<string, unknown> {
  try {
    const outcome = draftText(line);
    return outcome.ok ? writeResult(outcome.garment) : { issues: outcome.issues };
  } catch (error) {
    return { issues: issue("not-foreseen", "", `This garment could not be drafted: ${error}`).issues };
  }
}

function print({ out }: Io, value: unknown): void {
  out(`${JSON.stringify(value)}\n`);
}

function report({ err }: Io, issues: readonly Issue[]): number {
  err(`${JSON.stringify({ issues })}\n`);
  return NOT_A_GARMENT;
}

/** What the system calls an error of its own. */
export function codeOf(error: unknown): string | undefined {
  return error instanceof Error && "code" in error && typeof error.code === "string" ? error.code : undefined;
}

function reason(error: unknown): string {
  const code = codeOf(error);
  if (code === "ENOENT") return "it is not there.";
  if (code === "EISDIR") return "it is a folder.";
  if (code === "EACCES" || code === "EPERM") return "permission is missing.";
  return code ?? String(error);
}

/** Does what the words of the command line ask for. Gives the exit status: 0 for drafted, 2 for what is no garment or no request. */
export async function run(words: readonly string[], io: Io): Promise<number> {
  const read = readArguments(words);
  if (!read.ok) return report(io, read.issues);
  const { request } = read;
  if (request.kind === "many") return draftMany(request.file, io);
  if (request.kind === "wear") return wearOne(request, io);
  const outcome = await draftOne(request.file, request.out, request.as);
  if (!outcome.ok) return report(io, outcome.issues);
  print(io, writeResult(outcome.garment));
  return DRAFTED;
}
