import { createWriteStream } from "node:fs";
import { mkdtemp, rm } from "node:fs/promises";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { Readable } from "node:stream";
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
  const folder = await mkdtemp(join(tmpdir(), "gamine-archive-"));
  try {
    const path = join(folder, "archive.zip");
    await pipeline(Readable.fromWeb(request.body as Parameters<typeof Readable.fromWeb>[0]), createWriteStream(path));
    const restored = await readArchive(path, studio.id);
    return restored.ok ? Response.json(restored) : told(restored.sentence, 422);
  } catch (error) {
    if (isDatabaseDown(error)) return told("The database is not answering. Nothing was taken over.", 503);
    if (error instanceof Error && "code" in error && error.code === "ENOSPC")
      return told("The disk is full. Nothing was taken over.", 507);
    throw error;
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}

const told = (sentence: string, status: number) => Response.json({ ok: false, sentence }, { status });
