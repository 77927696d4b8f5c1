import { blockOnSheet } from "@app/sheet/block-on-sheet";
import { type OnSheet, placesOn, stillClear, toPlace } from "@app/sheet/dimensions/on-sheet";
import { anchorOf, rectOf, segmentsOf } from "@app/sheet/dimensions/placed";
import { isOver, type Rect, segmentsCross } from "@app/sheet/dimensions/rect";
import { textWidth } from "@app/sheet/dimensions/text-width";
import { piecesOnSheet } from "@app/sheet/pieces-on-sheet";
import { placeBlock } from "@app/sheet/placed-block";
import { sleeveOnSheet } from "@app/sheet/sleeve-on-sheet";
import { fitView, toScreen, type View } from "@app/sheet/view";
import { allowanceDimensions, cutGarment } from "@core/cut/index";
import { type Garment, pieceDimensions, sketchGarment } from "@core/garment/index";
import { boxOf, flatten, type Point } from "@core/geometry/index";
import { arranged } from "@core/pattern/index";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "@core/starting/index";
import { formatLength, type TapeUnit } from "@core/tape/index";
import { describe, expect, it } from "vitest";
import { collarOnSheet } from "./collar/collar-on-sheet";
import { joinedBeside } from "./collar/joined-beside";

/** The sheet of a window of 1280 by 800 with one panel open. */
const SIZE = { width: 996, height: 660 };
/** They are found in the panel, and by going from figure to figure. */
const MOST_MISSING = 4;
const NOTHING = new Set<string>();

const sheets = (garment: Garment): readonly (readonly [string, OnSheet])[] => [
  ...(garment.sleeve ? ([["sleeve", sleeveOnSheet(garment.sleeve)]] as const) : []),
  ...(garment.block ? ([["block", blockOnSheet(garment, placeBlock(garment.block))]] as const) : []),
  ...(garment.collar ? ([["collar", collarOnSheet(garment.collar, joinedBeside(garment.collar))]] as const) : []),
];

/** All pieces, and all pieces with what is added to them. Of their edges not every one has room for its figure. */
function piecesSheets(garment: Garment): readonly (readonly [string, OnSheet])[] {
  const cut = cutGarment(garment).pieces;
  const layoutOf = (between: number) => arranged(garment.pieces, 1.15, between).pieces;
  const [laid, apart] = [layoutOf(45), layoutOf(90)];
  return [
    ["pieces", piecesOnSheet(laid, pieceDimensions(garment.resolved, laid))],
    [
      "cut",
      piecesOnSheet(apart, allowanceDimensions(cut, apart, garment.spec.allowances.edges ?? []), ({ id }) => {
        const cutting = cut.find(({ piece }) => piece.id === id)?.cutting;
        return cutting ? [cutting] : [];
      }),
    ],
  ];
}

const ALL = STARTING_POINTS.flatMap((point) => {
  const spec = startedFrom(point, MIDDLE_BODY);
  if (!spec) throw new Error(`${point.id} cannot be read`);
  const garment = sketchGarment(spec);
  return [...sheets(garment), ...piecesSheets(garment)].map(([station, sheet]) => ({
    name: `${point.id}, ${station}`,
    sheet,
    isOfPieces: station === "pieces" || station === "cut",
  }));
});

const viewOf = (sheet: OnSheet): View => fitView(boxOf(sheet.drawn), SIZE);

/** Looked at otherwise than by the cells in which places are found: does a chord run into the words? */
function runsInto([a, b]: readonly [Point, Point], { left, right, top, bottom }: Rect): boolean {
  const isIn = ({ x, y }: Point) => x > left && x < right && y > top && y < bottom;
  const corners = [
    { x: left, y: top },
    { x: right, y: top },
    { x: right, y: bottom },
    { x: left, y: bottom },
  ];
  return (
    isIn(a) || isIn(b) || corners.some((corner, i) => segmentsCross([a, b], [corner, corners[(i + 1) % 4] ?? corner]))
  );
}

function wordsOf(sheet: OnSheet, view: View, unit: TapeUnit) {
  const all = toPlace(sheet, unit, NOTHING);
  const { figures, letters } = placesOn(sheet, all, { view, size: SIZE });
  const words = sheet.dimensions.flatMap((dimension) => {
    const placed = figures.get(dimension.id);
    if (!placed) return [];
    const at = toScreen(view, anchorOf(dimension, placed.share));
    const width = textWidth(formatLength(dimension.value, unit, { withUnit: false }));
    const rect = rectOf({ x: at.x + placed.text.x, y: at.y + placed.text.y }, width);
    return [{ id: dimension.id, rect, own: segmentsOf(dimension, placed, view) }];
  });
  return { all, figures, letters, words };
}

const chordsOf = (sheet: OnSheet, view: View) =>
  sheet.drawn.flatMap((path) => {
    const points = flatten(path, 40).map((p) => toScreen(view, p));
    return points.slice(1).map((to, i): readonly [Point, Point] => [points[i] ?? to, to]);
  });

describe("the figures on the sheet of every starting point", () => {
  it.each(ALL)(
    "$name: in both units no words lie on a line, on words, on a handle or out of the sheet",
    ({ sheet }) => {
      const view = viewOf(sheet);
      for (const unit of ["in", "cm"] as const) {
        const { words } = wordsOf(sheet, view, unit);
        expect(words.length).toBeGreaterThan(0);
        const chords = chordsOf(sheet, view);
        const drawn = [...chords, ...words.flatMap(({ own }) => own)];
        for (const { id, rect, own } of words) {
          expect(
            drawn.filter((chord) => !own.includes(chord as never) && runsInto(chord, rect)),
            id,
          ).toEqual([]);
          expect(
            words.filter((other) => other.id !== id && isOver(rect, other.rect)).map((other) => other.id),
            id,
          ).toEqual([]);
          expect(rect.left).toBeGreaterThan(24);
          expect(rect.right).toBeLessThan(SIZE.width);
          for (const handle of sheet.handlesAt) {
            const { x, y } = toScreen(view, handle);
            expect(isOver(rect, { left: x - 8, right: x + 8, top: y - 8, bottom: y + 8 }), id).toBe(false);
          }
        }
      }
    },
  );

  it.each(ALL)(
    "$name: all but a few find a place, among them all that are typed and come first; each has a name of its own",
    ({ sheet, isOfPieces }) => {
      const { words } = wordsOf(sheet, viewOf(sheet), "in");
      const missing = sheet.dimensions.filter(({ id }) => !words.some((one) => one.id === id));
      expect(isOfPieces || missing.length <= MOST_MISSING).toBe(true);
      expect(missing.filter(({ rank, types }) => rank === 1 && types !== null)).toEqual([]);
      for (const { label } of sheet.dimensions) expect(label).not.toBe("");
      expect(new Set(sheet.dimensions.map(({ id }) => id)).size).toBe(sheet.dimensions.length);
    },
  );

  it.each(ALL)("$name: placed again they stay where they are, and a pan moves none of them", ({ sheet }) => {
    const view = viewOf(sheet);
    const first = wordsOf(sheet, view, "in");
    const again = placesOn(sheet, first.all, { view, size: SIZE }, { figures: first.figures, letters: first.letters });
    for (const [id, { text }] of first.figures) {
      expect(again.figures.get(id)?.text.x).toBeCloseTo(text.x, 6);
      expect(again.figures.get(id)?.text.y).toBeCloseTo(text.y, 6);
    }
  });
});

describe("while a handle is held", () => {
  const spec = startedFrom(STARTING_POINTS[0] ?? { file: null }, MIDDLE_BODY);
  if (!spec?.sleeve) throw new Error("no sleeve to drag");
  const sleeve = { kind: "set-in" as const };
  const at = (upperArmEase: number) => {
    const drafted = sketchGarment({ ...spec, sleeve: { ...sleeve, upperArmEase } }).sleeve;
    if (!drafted) throw new Error("no sleeve");
    return sleeveOnSheet(drafted);
  };

  it("only those figures are shown that no line has come to lie under", () => {
    const start = at(40);
    const view = viewOf(start);
    const { all, figures, letters } = wordsOf(start, view, "in");
    let hidden = 0;
    for (const ease of [44, 52, 60, 72, 90]) {
      const now = at(ease);
      const nowAll = toPlace(now, "in", NOTHING);
      const clear = stillClear(now, nowAll, { view, size: SIZE }, { figures, letters });
      hidden += all.length - clear.size;
      const chords = chordsOf(now, view);
      for (const dimension of now.dimensions.filter(({ id }) => clear.has(id))) {
        const placed = figures.get(dimension.id);
        if (!placed) throw new Error(`${dimension.id} is clear without a place`);
        const anchor = toScreen(view, anchorOf(dimension, placed.share));
        const width = textWidth(formatLength(dimension.value, "in", { withUnit: false }));
        const rect = rectOf({ x: anchor.x + placed.text.x, y: anchor.y + placed.text.y }, width);
        expect(
          chords.filter((chord) => runsInto(chord, rect)),
          `${dimension.id} at ${ease}`,
        ).toEqual([]);
      }
      expect(clear.size).toBeGreaterThan(3);
    }
    expect(hidden).toBeGreaterThan(0);
  });
});
