import { readGarment } from "@core/spec/index";

/** A garment file that the server put together, read; asked for alone, since reading takes the whole schema and few saves are put together. */
export const readMerged = readGarment;
