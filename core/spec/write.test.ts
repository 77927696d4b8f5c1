import { readFileSync } from "node:fs";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { formatLength, fromMm, type TapeUnit } from "../tape";
import { readingsOf, SAMPLE_FILE, sampleSpec, specOf } from "../testing/sample";
import {
  emptyGarment,
  GARMENT_FIELDS,
  GARMENT_FORMAT,
  LENGTH_FIELDS,
  labelOf,
  readGarment,
  readMeasures,
  writeGarment,
} from ".";
import { fieldTable } from "./field-table";

describe("writing a garment file", () => {
  it("leaves out what was left out", () => {
    const file = writeGarment(emptyGarment("New", "cm"));
    expect(file).toEqual({
      format: "gamine-garment/2",
      unit: "cm",
      name: "New",
      body: {},
      block: { source: "readings", armhole: {} },
      bodice: {},
      cloth: {},
      sleeve: { kind: "set-in" },
      collar: null,
      allowances: {},
    });
    expect(readGarment(file).ok).toBe(true);
  });

  it("gives any reading back in any unit to a billionth", () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 2500, noNaN: true }), fc.constantFrom("in", "cm", "mm"), (front, unit) => {
        const spec = { ...sampleSpec(), block: { source: "readings" as const, armhole: { front } } };
        const again = readGarment(writeGarment(spec, unit));
        expect(again.ok && Math.abs((readingsOf(again.spec).armhole.front ?? 0) - front) / front).toBeLessThan(1e-9);
      }),
    );
  });

  it("keeps a collar that is not drafted yet, its height in the file's unit", () => {
    const spec = specOf({ ...SAMPLE_FILE, collar: { kind: "roll", height: 3 } });
    expect(writeGarment(spec, "cm").collar).toEqual({ kind: "roll", height: expect.closeTo(7.62, 9) });
  });
});

describe("reading a form of measures", () => {
  it("takes what is readable and says what is not, each by its measurement", () => {
    const { measures, problems } = readMeasures(
      { bust: "36", wrist: "thin", hand: " ", elbow: undefined, shoeSize: "7" },
      "in",
    );
    expect(measures).toEqual({ bust: expect.closeTo(914.4, 9) });
    expect(Object.keys(problems)).toEqual(["wrist"]);
    expect(problems.wrist).toMatch(/^Wrist girth: “thin” is not a length/);
  });

  it("gives its example in the person's own unit", () => {
    expect(readMeasures({ bust: "?" }, "cm").problems.bust).toContain("21.5");
  });
});

describe("the names of the fields", () => {
  it("are there for every length, once each within its part", () => {
    for (const [path, field] of Object.entries(LENGTH_FIELDS)) {
      expect(labelOf(path)).toBe(field.label);
      expect(field.bounds.least).toBeLessThanOrEqual(field.bounds.most);
    }
    expect(labelOf("sleeve.method")).toBe("Cap method");
    expect(labelOf("nothing.known")).toBe("nothing.known");
  });
});

describe("the table of fields", () => {
  it("is what docs/garment-file.md says of them (npx tsx scripts/write-field-table.ts writes it there)", () => {
    expect(readFileSync("docs/garment-file.md", "utf8")).toContain(fieldTable());
  });

  it.each(["in", "cm", "mm"] as const)(
    "holds its bounds in %s: at them a length is read, and beyond them told",
    (unit) => {
      const paths = Object.entries(LENGTH_FIELDS).filter(
        ([path]) => !path.includes("*") && !path.startsWith("cloth.takes"),
      );
      expect(paths.length).toBeGreaterThan(100);
      for (const [path, { label, bounds }] of paths) {
        const read = (mm: number) => readGarment(fileWith(path, fromMm(mm, unit), unit));
        expect(read(bounds.least).ok, path).toBe(true);
        expect(read(bounds.most).ok, path).toBe(true);
        const beyond = read(bounds.most + 1);
        const message = beyond.ok ? "" : beyond.issues.find((issue) => issue.path === path)?.message;
        expect(message, path).toContain(label);
        expect(message, path).toContain(formatLength(bounds.most, unit));
      }
    },
  );
});

/** A file with one figure, in the part and of the source that hold it. */
function fileWith(path: string, figure: number, unit: TapeUnit): object {
  const [part = "", ...names] = path.split(".");
  const inner = names.reduceRight<unknown>((value, name) => ({ [name]: value }), figure);
  const source = Object.entries(GARMENT_FIELDS.block.of).find(([, fields]) => (names[0] ?? "") in fields)?.[0];
  const beside: Readonly<Record<string, object>> = {
    block: { source, ...(source === "outline" && { front: OUTLINE, back: OUTLINE }) },
    sleeve: { kind: "set-in" },
    collar: { kind: "stand" },
  };
  return { format: GARMENT_FORMAT, unit, [part]: { ...beside[part], ...Object(inner) } };
}

const OUTLINE = { armhole: "M0 0C0 60 -8 120 60 200" };
