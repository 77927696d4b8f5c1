import { setPriority } from "node:os";
import { makeGarmentFile } from "@exporting/index";

/** A page is wanted sooner than a file: this thread takes what time the others leave. */
const BEHIND_THE_PAGES = 10;
try {
  // Of this thread alone, on Linux.
  setPriority(BEHIND_THE_PAGES);
} catch {
  // Elsewhere it is served as any other.
}

/** What a thread for files does: it drafts one garment and makes one file of it. */
export default makeGarmentFile;
