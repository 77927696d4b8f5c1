import { describe, expect, it } from "vitest";
import { shownWords } from ".";
import { TRADE_WORDS } from "./trade-words";

const { words, drafts, stations } = shownWords();

describe("the words of the trade", () => {
  it("lie each on a line or at a point of a draft", () => {
    expect(words.map(({ term }) => term)).toEqual(TRADE_WORDS.map(({ term }) => term));
    for (const { term, lit, points } of words) expect(lit.length + points.length, term).toBeGreaterThan(0);
  });

  it("lie within the picture that shows them", () => {
    for (const { term, on, points } of words) {
      const [left = 0, top = 0, width = 0, height = 0] = drafts[on].viewBox.split(" ").map(Number);
      for (const { x, y } of points) {
        expect(x, term).toBeGreaterThanOrEqual(left);
        expect(x, term).toBeLessThanOrEqual(left + width);
        expect(y, term).toBeGreaterThanOrEqual(top);
        expect(y, term).toBeLessThanOrEqual(top + height);
      }
    }
  });

  it("are each one word only, under whatever name it goes", () => {
    const names = TRADE_WORDS.flatMap(({ term, alsoCalled }) => [term, ...alsoCalled]).map((name) =>
      name.toLowerCase(),
    );
    expect(new Set(names).size).toBe(names.length);
  });

  it("stand beside a picture of every station's work", () => {
    for (const [station, { viewBox, seams }] of Object.entries(stations)) {
      expect(seams.length, station).toBeGreaterThan(10);
      expect(viewBox.split(" ").map(Number).every(Number.isFinite), station).toBe(true);
    }
  });
});
