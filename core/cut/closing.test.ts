import { describe, expect, it } from "vitest";
import { phrase, speak } from "../draft";
import { draftGarment, type Garment } from "../garment";
import { along, distanceToChain, endOf, flatten, pathLength, startOf } from "../geometry";
import type { Piece } from "../pattern";
import { applyChange, type SpecChange } from "../spec";
import { MIDDLE_BODY, STARTING_POINTS } from "../starting";
import { bodyOfCheck, CHECK_BODIES } from "../testing/check-bodies";
import { madeFor } from "../testing/made";
import { cutGarment, cutList, makingOrder } from ".";

const GARMENTS = STARTING_POINTS.filter(({ id }) => id !== "plain-sleeve" && id !== "collar").map(({ id }) => id);
const BODIES = [MIDDLE_BODY, ...CHECK_BODIES.slice(0, 11).map(bodyOfCheck)];

const isInside = ({ outline }: Piece, at: { readonly x: number; readonly y: number }) => {
  const corners = flatten(outline);
  let inside = false;
  corners.forEach((p, i) => {
    const q = corners[(i + 1) % corners.length] ?? p;
    if (p.y > at.y !== q.y > at.y && at.x < ((q.x - p.x) * (at.y - p.y)) / (q.y - p.y) + p.x) inside = !inside;
  });
  return inside;
};

describe("buttons (common practice, no source)", () => {
  it.each(GARMENTS)("of the %s and their holes lie on their piece, clear of every edge, on every body", (id) => {
    for (const body of BODIES)
      for (const piece of madeFor(id, body).pieces)
        for (const { at, hole } of piece.buttons ?? []) {
          for (const place of [at, startOf(hole), endOf(hole)]) {
            expect(isInside(piece, place), piece.id).toBe(true);
            expect(distanceToChain(place, flatten(piece.outline)), piece.id).toBeGreaterThan(2);
          }
          expect(pathLength(hole), piece.id).toBeGreaterThan(14);
        }
  });

  it("of a shirt: one on the stand and on each cuff, the first of the front clear of the stand seam, all of them counted", () => {
    const shirt = madeFor("work-shirt");
    const of = (id: string) => shirt.pieces.find((piece) => piece.id === id)?.buttons ?? [];
    expect(of("collarStand")).toHaveLength(1);
    expect(of("cuff")).toHaveLength(1);
    const [first] = of("front");
    const neck = shirt.block ? startOf(shirt.block.front.centre).y : Number.NaN;
    expect((first?.at.y ?? 0) - neck).toBeGreaterThan(29);
    expect(cutList(shirt).buttons).toBe(of("front").length + 1 + 2);
  });

  it("are in the front that lies over: the right one for women, the left one for men, or as chosen", () => {
    const said = (garment: Garment) =>
      speak(makingOrder(garment).find(({ id }) => id === "buttons")?.text ?? phrase``, "in");
    const man = { proportions: "man" } as SpecChange;
    expect(said(madeFor("work-shirt"))).toContain("in the right front");
    expect(said(madeFor("work-shirt", MIDDLE_BODY, man))).toContain("in the left front");
    const chosen = { ...man, bodice: { lap: "right-over-left" } } as SpecChange;
    expect(said(madeFor("work-shirt", MIDDLE_BODY, chosen))).toContain("in the right front");
  });

  it("stand on a front with a grown-on stand too, which then shows its centre", () => {
    const grown = madeFor("blouse", MIDDLE_BODY, { collar: { kind: "grown-on", beyond: 25 } });
    const front = grown.pieces.find(({ id, buttons }) => id.startsWith("front") && buttons);
    expect(front?.buttons?.length).toBeGreaterThan(4);
    for (const { at } of front?.buttons ?? []) expect(at.x).toBeCloseTo(0, 6);
    expect(front?.lines?.map(({ name }) => name)).toContain("Centre front");
    const edgeToEdge = madeFor("blouse", MIDDLE_BODY, { collar: { kind: "grown-on", beyond: 0 } });
    // Those of its two cuffs.
    expect(cutList(edgeToEdge).buttons).toBe(2);
  });
});

describe("a zip in a front that a collar grows", () => {
  it.each(["notched", "roll", "grown-on"] as const)(
    "%s: ends at the centre front, sewn from the break down, no button",
    (kind) => {
      for (const body of BODIES.slice(0, 6)) {
        const collar = { kind, beyond: undefined } as SpecChange["collar"];
        const zipped = madeFor("jacket", body, { bodice: { front: "zip", panels: "whole" }, collar });
        expect(zipped.findings.map(({ code }) => code)).not.toContain("front-is-made");
        expect(cutList(zipped).buttons).toBe(0);
        const seam = zipped.joins.find(({ id }) => id === "body.centre.front");
        expect(seam?.bodyLength).toBeGreaterThan(150);
        for (const [, , , { x }] of seam?.bodyPath ?? []) expect(x).toBeCloseTo(0, 6);
        for (const { piece, cutting } of cutGarment(zipped).pieces) expect(cutting, piece.id).not.toBeNull();
        const edge = zipped.joins.find(({ id }) => id === "collar.lapelEdge");
        // The under side of a roll collar is cut a little smaller, so that its seam rolls under.
        expect(Math.abs(edge?.ease ?? 99)).toBeLessThan(kind === "roll" ? 4 : 1e-6);
      }
    },
  );

  it("is told where the front was made to run on beyond its centre, and mended", () => {
    const beyond = madeFor("jacket", MIDDLE_BODY, { bodice: { front: "zip" }, collar: { beyond: 25 } });
    const found = beyond.findings.find(({ code }) => code === "zip-beyond-centre");
    expect(found?.numbers.beyond).toBeCloseTo(25, 6);
    const mended = draftGarment(applyChange(beyond.spec, found?.remedies[0]?.change ?? {}));
    expect(mended.findings.map(({ code }) => code)).not.toContain("zip-beyond-centre");
  });

  it("may go without the facing of the back neck", () => {
    const without = madeFor("jacket", MIDDLE_BODY, { bodice: { front: "zip", backFacing: "none" } });
    const names = (garment: Garment) => garment.pieces.map(({ name }) => name);
    expect(names(madeFor("jacket"))).toContain("Back neck facing");
    expect(names(without)).not.toContain("Back neck facing");
    expect(without.joins.flatMap(({ bodyEdges, partEdges }) => [...bodyEdges, ...partEdges]).join()).not.toContain(
      "backFacing",
    );
  });
});

describe("folds", () => {
  it.each(GARMENTS)("of the %s have a notch at both ends, on every body", (id) => {
    for (const body of BODIES.slice(0, 8))
      for (const piece of madeFor(id, body, { sleeve: { hemTurnUp: 30 }, bodice: { hemDepth: 30 } } as SpecChange)
        .pieces) {
        const chords = flatten(piece.outline);
        for (const fold of piece.folds) {
          if (distanceToChain(along(fold, pathLength(fold) / 2).point, chords) < 0.2) continue;
          for (const end of [startOf(fold), endOf(fold)]) {
            if (distanceToChain(end, chords) > 0.2) continue;
            const nearest = Math.min(...piece.notches.map(({ at }) => Math.hypot(at.x - end.x, at.y - end.y)));
            expect(nearest, `${piece.id} ${end.x} ${end.y}`).toBeLessThan(2);
          }
        }
      }
  });
});
