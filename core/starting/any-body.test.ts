import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { draftGarment, type Garment } from "../garment";
import { type AnyBody, anyBody } from "../testing/any-body";
import { outlineFault } from "../testing/laws";
import { specOf } from "../testing/sample";
import { IS_THOROUGH } from "../testing/thorough";
import { STARTING_POINTS, startedFrom } from ".";

const BODIES = fc.sample(anyBody, { numRuns: IS_THOROUGH ? 300 : 16, seed: 1 });
const isManOf = ({ isMan }: AnyBody) => (isMan ? { proportions: "man" as const } : {});

/** Faults that are said of no piece: what crosses itself is said of each by itself, with a way out. */
const faultsOf = ({ findings }: Garment) =>
  findings.filter(({ severity, code }) => severity === "fault" && code !== "outline-crosses-itself");

describe("plausible bodies (invented)", () => {
  it.each(STARTING_POINTS)(
    "$id: gives every one the sleeve and the collar that are wanted, by its defaults",
    (point) => {
      for (const who of BODIES) {
        const begun = startedFrom(point, who.body);
        if (!begun) throw new Error(point.id);
        const garment = draftGarment({ ...begun, ...isManOf(who) });
        expect(
          faultsOf(garment).map(({ code }) => code),
          JSON.stringify(who),
        ).toEqual([]);
        expect([garment.sleeve === null, garment.collar === null]).toEqual([
          begun.sleeve === null,
          begun.collar === null,
        ]);
      }
    },
  );

  it("say which default gave way, and to what", () => {
    const stout = { bust: 1482, waist: 1704, shoulderWidth: 472, backLength: 374, upperArm: 486 };
    const cardigan = STARTING_POINTS.find(({ id }) => id === "cardigan");
    const knitted = cardigan && startedFrom(cardigan, stout);
    if (!knitted) throw new Error("there is a cardigan");
    const eases = draftGarment(knitted).resolved.defaults.filter(({ path }) => path === "block.ease.armhole");
    expect(eases.map(({ source }) => source)).toEqual(["geometry"]);
  });

  it.each(["grown-on", "roll", "notched"] as const)(
    "%s: no front that the collar grows on crosses itself unsaid, under any sleeve",
    (kind) => {
      for (const sleeve of ["kimono", "puff", "balloon"] as const)
        for (const who of BODIES.slice(0, IS_THOROUGH ? 120 : 6)) {
          const { body } = who;
          const file = { format: "gamine-garment/2", unit: "mm", body, ...isManOf(who) };
          const garment = draftGarment(specOf({ ...file, sleeve: { kind: sleeve }, collar: { kind } }));
          const told = garment.findings
            .filter(({ code }) => code === "outline-crosses-itself")
            .map(({ piece }) => piece);
          const untold = garment.pieces.filter(
            ({ id, outline }) => !told.includes(id) && outlineFault(outline) !== null,
          );
          expect(
            untold.map(({ id }) => id),
            `${sleeve} ${JSON.stringify(who)}`,
          ).toEqual([]);
        }
    },
  );
});
