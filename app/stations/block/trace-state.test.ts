import { describe, expect, it } from "vitest";
import { NO_TRACE, placesOf, referenceOf, type TraceAction, type TraceState, traceReducer } from "./trace-state";
import { outlineBlock } from "./use-pick";

const NO_SIZES = { short: null, long: null, apart: null };
const place = (x: number, y: number) => ({ x, y, within: 1 });
const run = (...actions: readonly TraceAction[]): TraceState => actions.reduce(traceReducer, NO_TRACE);
const corners = [place(0, 0), place(100, 2), place(98, 140), place(3, 141)].map(
  (one): TraceAction => ({ do: "add", place: one }),
);

describe("pointing in a photograph", () => {
  it("takes the four corners first and goes on to the front armhole by itself", () => {
    const state = run(...corners, { do: "add", place: place(50, 50) });
    expect(state.reference.length).toBe(4);
    expect(state.pointing).toBe("front.armhole");
    expect(placesOf(state, "front.armhole")).toEqual([place(50, 50)]);
  });

  it("takes back, clears and moves only what is being pointed at", () => {
    const state = run(...corners, { do: "add", place: place(1, 1) }, { do: "add", place: place(2, 2) });
    expect(placesOf(traceReducer(state, { do: "take-back" }), "front.armhole")).toEqual([place(1, 1)]);
    expect(traceReducer(state, { do: "clear" }).traces).toEqual({});
    const moved = traceReducer(state, { do: "move", of: "reference", index: 1, place: place(90, 1) });
    expect(moved.reference[1]).toEqual(place(90, 1));
    expect(placesOf(moved, "front.armhole").length).toBe(2);
  });

  it("keeps the corners when another sheet is chosen, and forgets them for two marks", () => {
    const state = run(...corners);
    expect(traceReducer(state, { do: "kind", kind: "letter" }).reference.length).toBe(4);
    expect(traceReducer(state, { do: "kind", kind: "marks" }).reference.length).toBe(0);
  });

  it("has a reference once its places and its size are there", () => {
    expect(referenceOf(run(...corners.slice(0, 3)), NO_SIZES)).toBeNull();
    expect(referenceOf(run(...corners), NO_SIZES)).toMatchObject({ kind: "rectangle", short: 210, long: 297 });
    const other = traceReducer(run(...corners), { do: "kind", kind: "other" });
    expect(referenceOf(other, NO_SIZES)).toBeNull();
    expect(referenceOf(other, { ...NO_SIZES, short: 400, long: 300 })).toMatchObject({ short: 300, long: 400 });
    const marks = run({ do: "kind", kind: "marks" }, ...corners.slice(0, 2));
    expect(referenceOf(marks, { ...NO_SIZES, apart: 200 })).toMatchObject({ kind: "marks", apart: 200 });
  });
});

describe("picked edges as a block", () => {
  const edge = [
    [
      { x: 0, y: 0 },
      { x: 0, y: 50 },
      { x: 0, y: 100 },
      { x: 50, y: 150 },
    ] as const,
  ];

  it("want both armholes, and take the rest as far as it is there", () => {
    expect(outlineBlock({ "front.armhole": edge }, "drawing", undefined)).toBeNull();
    expect(
      outlineBlock({ "front.armhole": edge, "back.armhole": edge, "back.neckline": edge }, "photograph", 1.5),
    ).toEqual({
      source: "outline",
      from: "photograph",
      error: 1.5,
      front: { armhole: "M0 0C0 50 0 100 50 150" },
      back: { armhole: "M0 0C0 50 0 100 50 150", neckline: "M0 0C0 50 0 100 50 150" },
    });
  });
});
