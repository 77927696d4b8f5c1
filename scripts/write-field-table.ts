import { readFileSync, writeFileSync } from "node:fs";
import { fieldTable } from "../core/spec/field-table";

/** Writes the table of fields into docs/garment-file.md: npx tsx scripts/write-field-table.ts. A test holds that it was done. */
const FILE = "docs/garment-file.md";
const [before = "", rest = ""] = readFileSync(FILE, "utf8").split(/(?<=<!-- fields: [^\n]*-->\n)/);
const after = rest.slice(rest.indexOf("<!-- end of fields -->"));
writeFileSync(FILE, `${before}${fieldTable()}\n${after}`);
