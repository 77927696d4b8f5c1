import { writeFileSync } from "node:fs";
import { STARTING_POINTS } from "../core/starting";
import { makeShown } from "../core/starting/make-shown";

/** Writes what is shown of every starting point anew, after a change of the drafts: npx tsx scripts/draw-starting-points.ts */
const shown = Object.fromEntries(STARTING_POINTS.map((point) => [point.id, makeShown(point)]));
writeFileSync("core/starting/shown.json", `${JSON.stringify(shown, null, 2)}\n`);
