import { closeSync, createWriteStream, openSync } from "node:fs";
import { mkdtemp, rm } from "node:fs/promises";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { Readable, type Writable } from "node:stream";
import { pipeline } from "node:stream/promises";
import { readArchive } from "@app/server/archive/read-archive";
import { membershipOf } from "@app/server/database";
import { isDatabaseDown } from "@app/server/database-down";
import type { Route } from "./+types/settings-restore";

/** Takes an archive into a workroom in which nothing is yet, for an owner. It is sent as it is, and read from the disk. */
export async function action({ request, context }: Route.ActionArgs) {
  const { studio, role } = membershipOf(context);
  if (role !== "owner") return told("Only an owner of the workroom may do that.", 403);
  if (request.headers.get("content-type") !== "application/zip" || !request.body)
    return told("Choose an archive that was made here: a .zip file.", 415);
  try {
    const file = await openNameless();
    await pipeline(Readable.fromWeb(request.body as Parameters<typeof Readable.fromWeb>[0]), writerTo(file));
    const restored = await readArchive(file, studio.id);
    return restored.ok ? Response.json(restored) : told(restored.sentence, 422);
  } catch (error) {
    if (isDatabaseDown(error)) return told("The database is not answering. Nothing was restored.", 503);
    if (error instanceof Error && "code" in error) {
      if (error.code === "ENOSPC") return told("The disk is full. Nothing was restored.", 507);
      if (error.code === "ERR_STREAM_PREMATURE_CLOSE" || error.code === "ECONNRESET" || error.code === "ABORT_ERR")
        return told("The archive did not arrive whole. Nothing was restored.", 400);
    }
    throw error;
  }
}

/** A file without a name, which is gone with the process that has it open, whatever happens to that. */
async function openNameless(): Promise<number> {
  const folder = await mkdtemp(join(tmpdir(), "gamine-archive-"));
  try {
    return openSync(join(folder, "archive.zip"), "w+");
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}

/** Writes what is sent into the file, and leaves it open for reading; closes it where not all of it came. */
function writerTo(file: number): Writable {
  return createWriteStream("", { fd: file, autoClose: false }).once("error", () => closeSync(file));
}

const told = (sentence: string, status: number) => Response.json({ ok: false, sentence }, { status });
