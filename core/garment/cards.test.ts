import { describe, expect, it } from "vitest";
import { speak } from "../draft";
import { MIDDLE_BODY, STARTING_POINTS } from "../starting";
import { formatLength } from "../tape";
import { bodyOfCheck, CHECK_BODIES } from "../testing/check-bodies";
import { madeFor } from "../testing/made";

const BODIES = [MIDDLE_BODY, ...CHECK_BODIES.slice(0, 11).map(bodyOfCheck)];

const cardOf = (garment: ReturnType<typeof madeFor>, id: string) => garment.drafts.find((one) => one.id === id);
const said = (garment: ReturnType<typeof madeFor>, id: string) =>
  (cardOf(garment, id)?.steps ?? []).map(({ text }) => speak(text, "in")).join(" ");

describe("what a card says", () => {
  it.each(STARTING_POINTS.map(({ id }) => id))(
    "of the %s is never a nothing to measure, on any body, by either school",
    (id) => {
      for (const body of BODIES)
        for (const school of ["fitted", "quick"] as const) {
          const garment = madeFor(id, body, id === "plain-sleeve" || id === "collar" ? {} : { block: { school } });
          for (const draft of garment.drafts)
            for (const { text } of draft.steps) {
              const words = speak(text, "in");
              expect(words, `${draft.id}: ${words}`).not.toMatch(/(^|[\s,])-?0 in\b/);
              expect(words, `${draft.id}: ${words}`).not.toMatch(/NaN|undefined|−\d/);
            }
        }
    },
  );

  it.each([0, 6, 12.7, 25.4, 50])(
    "is where the shoulder point lies also where the back stands %s mm higher",
    (backHigher) => {
      const garment = madeFor("work-shirt", MIDDLE_BODY, { block: { school: "quick", backHigher } });
      const shoulder = cardOf(garment, "back")?.steps.find(({ points }) => points.some(({ letter }) => letter === "D"));
      const at = shoulder?.points.find(({ letter }) => letter === "D")?.at ?? { x: 0, y: 0 };
      const words = speak(shoulder?.text ?? [], "in");
      const size = formatLength(Math.abs(at.y), "in");
      expect(words).toContain(Math.abs(at.y) < 0.8 ? "level with it" : at.y < 0 ? `up ${size}` : `down ${size}`);
      const fitted = madeFor("work-shirt", MIDDLE_BODY, { block: { backHigher } });
      const neck = fitted.block?.back.neckline.path[0]?.[0].y ?? Number.NaN;
      const side = neck < -0.8 ? "above" : neck > 0.8 ? "below" : "on";
      expect(said(fitted, "back")).toMatch(new RegExp(`${side} the level of A|${side} the level`));
    },
  );

  it("has the pieces of the bodice: stand, buttons, curved hem and facings, with their figures", () => {
    const dress = said(madeFor("shirt-dress"), "bodice");
    expect(dress).toMatch(/Button stand: go [\d⁄ ]+ in out beyond the centre front/);
    expect(dress).toMatch(/Mark \d+ buttons on the centre front/);
    expect(dress).toMatch(/Curved hem: raise the side seam by [\d⁄ ]+ in/);
    const shirt = said(madeFor("t-shirt"), "bodice");
    expect(shirt).toMatch(/Facings: lay paper on front and back/);
    const blouse = said(madeFor("blouse"), "bodice");
    expect(blouse).toMatch(/cut them apart along the princess lines: 3 pieces/);
    expect(blouse).toContain("Flare");
    expect(cardOf(madeFor("plain-sleeve"), "bodice")).toBeUndefined();
  });

  it.each(STARTING_POINTS.map(({ id }) => id))(
    "of the %s: lengths of the pieces it draws are those of the pieces",
    (id) => {
      const garment = madeFor(id);
      const card = cardOf(garment, "bodice");
      const hem = card?.steps.find(({ tapeCheck }) => tapeCheck !== null)?.tapeCheck;
      if (!hem) return;
      const front = garment.pieces
        .filter(({ id: piece }) => piece.startsWith("front") && !piece.includes("acing"))
        .flatMap(({ edges }) => edges.filter((edge) => edge.id === "hem"))
        .reduce((sum, { length }) => sum + length, 0);
      expect(speak(hem, "in")).toContain(`${formatLength(front, "in")} in the front half`);
    },
  );
});
