import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { readingsOf, SAMPLE_FILE, sampleSpec } from "../testing/sample";
import { type Issue, readGarment, readGarmentText, writeGarment } from ".";
import { type Upgrade, upgraded } from "./upgrade";

function issuesOf(file: unknown): readonly Issue[] {
  const read = readGarment(file);
  return read.ok ? [] : read.issues;
}

const withArmhole = (armhole: Record<string, unknown>) => ({ ...SAMPLE_FILE, block: { source: "readings", armhole } });

describe("reading a garment file", () => {
  it("takes lengths as numbers and as people write them, in the file's unit", () => {
    const read = readGarment(withArmhole({ front: "8 3/4", back: 9.25, depth: "19,7 cm" }));
    expect(read.ok && readingsOf(read.spec).armhole).toEqual({
      front: expect.closeTo(222.25, 9),
      back: expect.closeTo(234.95, 9),
      depth: expect.closeTo(197, 9),
    });
  });

  it("reads back what it writes, in every unit", () => {
    const spec = sampleSpec();
    for (const unit of ["in", "cm", "mm"] as const) {
      const again = readGarment(writeGarment(spec, unit));
      expect(again.ok && readingsOf(again.spec).armhole.front).toBeCloseTo(readingsOf(spec).armhole.front ?? 0, 9);
      expect(again.ok && again.spec.sleeve?.capEase).toBeCloseTo(spec.sleeve?.capEase ?? 0, 9);
      expect(again.ok && again.spec.unit).toBe(unit);
    }
  });

  it("keeps the back's share of the ease as the ratio it is, whatever the unit", () => {
    const file = { ...SAMPLE_FILE, sleeve: { kind: "set-in", backEaseShare: 0.6 } };
    const read = readGarment(file);
    expect(read.ok && (writeGarment(read.spec, "cm").sleeve as { backEaseShare: number }).backEaseShare).toBe(0.6);
  });

  it.each([
    ["negative", -8, "too-small"],
    ["zero", 0, "too-small"],
    ["text", "eight and a half", "not-a-length"],
    ["forty digits", "1".repeat(40), "too-large"],
    ["a number of forty digits", 1e39, "too-large"],
    ["a list", [8], "not-a-length"],
    ["true", true, "not-a-length"],
    ["null", null, "not-a-length"],
  ])("refuses a front armhole that is %s, naming the figure", (_name, front, code) => {
    const [issue] = issuesOf(withArmhole({ front, back: 9, depth: 8 }));
    expect(issue).toMatchObject({ code, path: "block.armhole.front" });
    expect(issue?.message).toMatch(/^Front armhole: /);
    expect(issue?.message.length).toBeLessThan(200);
  });

  it("names an unknown field and the nearest known one", () => {
    const [issue] = issuesOf({ ...SAMPLE_FILE, sleeve: { kind: "set-in", capEese: 1 } });
    expect(issue).toMatchObject({ code: "unknown-field", path: "sleeve.capEese" });
    expect(issue?.message).toContain("“capEase”");
  });

  it("names every issue at once", () => {
    expect(
      issuesOf({ ...SAMPLE_FILE, body: { bust: -1, arm: 3 }, unit: "in" })
        .map((issue) => issue.path)
        .sort(),
    ).toEqual(["body.arm", "body.bust"]);
  });

  it("says which kinds there are when a kind is not drafted", () => {
    const [issue] = issuesOf({ ...SAMPLE_FILE, sleeve: { kind: "cape" } });
    expect(issue).toMatchObject({ path: "sleeve.kind" });
    expect(issue?.message).toContain("set-in");
  });

  it("says which sources of a block there are, and which of its fields are not known", () => {
    const [issue] = issuesOf({ ...SAMPLE_FILE, block: { source: "guessed" } });
    expect(issue).toMatchObject({ code: "not-one-of", path: "block.source", value: "guessed" });
    expect(issue?.message).toContain("“drafted”");
    expect(issuesOf({ ...SAMPLE_FILE, block: { source: "drafted", stile: "knit" } })[0]?.message).toContain("“style”");
    expect(issuesOf({ ...SAMPLE_FILE, block: { source: "drafted", style: "tweed" } })[0]?.path).toBe("block.style");
  });

  it("names the place in a list of alterations", () => {
    const block = { source: "drafted", alterations: [{ kind: "lower-armhole", by: "much" }] };
    const [issue] = issuesOf({ ...SAMPLE_FILE, block });
    expect(issue).toMatchObject({ code: "not-a-length", path: "block.alterations.0.by" });
    expect(issue?.message).toContain("Amount of the alteration");
  });

  it.each([
    ["a script", "M0 0L<script>"],
    ["relative commands", "M0 0l10 10"],
    ["two runs", "M0 0L5 5M9 9L1 1"],
    ["a figure beyond all garments", "M0 0L1e400 0"],
    ["a point alone", "M0 0"],
    ["nothing", ""],
  ])("refuses an edge that holds %s", (_what, armhole) => {
    const half = { armhole };
    const [issue] = issuesOf({ ...SAMPLE_FILE, block: { source: "outline", front: half, back: half } });
    expect(issue).toMatchObject({ code: "not-a-path", path: "block.front.armhole" });
  });

  it("asks for the unit before it reads a length", () => {
    const { unit: _unit, ...file } = SAMPLE_FILE;
    expect(issuesOf(file)).toEqual([expect.objectContaining({ code: "missing", path: "unit" })]);
    expect(issuesOf({ ...file, unit: "yard" })[0]?.message).toContain("“yard”");
  });

  it("answers anything at all with a garment or with issues, never with an exception", () => {
    fc.assert(
      fc.property(fc.anything({ withBigInt: false }), (anything) => {
        for (const file of [
          anything,
          { ...SAMPLE_FILE, body: anything },
          { ...SAMPLE_FILE, sleeve: anything },
          withArmhole({ front: anything }),
        ]) {
          const read = readGarment(file);
          if (!read.ok) expect(read.issues.length).toBeGreaterThan(0);
        }
      }),
      { numRuns: 400 },
    );
  });
});

describe("the text of a garment file", () => {
  const codeOf = (text: string) => {
    const read = readGarmentText(text);
    return read.ok ? "read" : read.issues[0]?.code;
  };

  it("is read with and without the mark that some editors put before it", () => {
    const text = JSON.stringify(SAMPLE_FILE);
    expect(codeOf(text)).toBe("read");
    expect(codeOf(`\uFEFF${text}`)).toBe("read");
  });

  it("is refused where it is no JSON, or nests so deep that reading it could overflow; brackets in a name are no nesting", () => {
    expect(codeOf("{")).toBe("not-json");
    expect(codeOf(`${"[".repeat(6000)}${"]".repeat(6000)}`)).toBe("too-deep");
    expect(codeOf(JSON.stringify({ ...SAMPLE_FILE, name: "[".repeat(60) }))).toBe("read");
  });
});

describe("a file of another format", () => {
  const UPGRADES: readonly Upgrade[] = [
    { from: "gamine-garment/x", to: "gamine-garment/y", change: ({ title, ...file }) => ({ ...file, name: title }) },
    { from: "gamine-garment/y", to: "gamine-garment/1", change: (file) => ({ ...file, block: { source: "drafted" } }) },
  ];

  it("comes through every one between, in their order, and is left as it is where it is none of them", () => {
    const old = { format: "gamine-garment/x", unit: "cm", title: "Kept", body: { bust: 96 } };
    const now = upgraded(old, UPGRADES);
    expect(now).toEqual({
      format: "gamine-garment/1",
      unit: "cm",
      name: "Kept",
      body: { bust: 96 },
      block: { source: "drafted" },
    });
    expect(readGarment(now).ok).toBe(true);
    expect(upgraded({ ...old, format: "gamine-garment/y" }, UPGRADES)).toMatchObject({ title: "Kept" });
    for (const format of ["gamine-garment/1", "other/1", undefined, 3])
      expect(upgraded({ format }, UPGRADES)).toEqual({ format });
  });

  it("is told to be a later one's, or none", () => {
    expect(issuesOf({ ...SAMPLE_FILE, format: "gamine-garment/3" })).toMatchObject([
      { code: "later-format", path: "format", message: expect.stringContaining("later version") },
    ]);
    for (const format of ["gamine-garment/0", "gamine-garment/01", "gamine-garment/", 2, null])
      expect(issuesOf({ ...SAMPLE_FILE, format }).map(({ path }) => path)).toEqual(["format"]);
  });
});
