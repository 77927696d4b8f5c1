import { notFound } from "@app/server/database";
import { madeFile } from "@app/server/files/made-files";
import { readPreferences } from "@app/server/preferences";
import { sharedBy } from "@app/server/shared-link";
import type { Route } from "./+types/shared-file";

/** What of a garment a link hands out: of a card no pattern, and of a pattern no card. */
const FILES = {
  card: { "booklet.pdf": { file: "booklet.pdf" } },
  pattern: {
    "sheets-a4.pdf": { file: "sheets.pdf", paper: "a4" },
    "sheets-letter.pdf": { file: "sheets.pdf", paper: "letter" },
    "drawing.svg": { file: "drawing.svg" },
    "pattern-r12.dxf": { file: "pattern-r12.dxf" },
    "pattern.hpgl": { file: "pattern.hpgl" },
  },
} as const;

/** A file of what a link shows. */
export async function loader({ request, params }: Route.LoaderArgs) {
  const shared = await sharedBy(params.token);
  const choices: Readonly<Record<string, { readonly file: string; readonly paper?: string }>> = shared
    ? FILES[shared.shows]
    : {};
  const choice = Object.hasOwn(choices, params.file) ? choices[params.file] : undefined;
  if (!shared || !choice) return notFound("What this link showed");
  const { unit } = readPreferences(request);
  return madeFile(`link ${params.token}`, { ...choice, spec: shared.spec, tape: unit }, request.signal);
}
