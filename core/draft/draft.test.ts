import { describe, expect, it } from "vitest";
import { change, composeDraft, length, percent, phrase, point, speak } from ".";

const at = { x: 0, y: 0 };

describe("phrases", () => {
  it("read in whatever unit is asked for, from one record", () => {
    const words = phrase`From ${point("A")} down ${length(88.9)}, ${percent(0.455)} of it, ${change(6.35)}.`;
    expect(speak(words, "in")).toBe("From A down 3 1⁄2 in, 45.5 % of it, +1⁄4 in.");
    expect(speak(words, "cm")).toBe("From A down 8.9 cm, 45.5 % of it, +0.6 cm.");
  });

  it("take another phrase over whole, an empty one too", () => {
    const inner = phrase`mark ${point("B")}`;
    expect(speak(phrase`First ${inner}${[]}, then rest.`, "in")).toBe("First mark B, then rest.");
  });

  it("say no sign for what is nothing", () => {
    expect(speak(phrase`${change(0)} and ${change(-12.7)}`, "in")).toBe("0 in and −1⁄2 in");
  });
});

describe("composing a draft", () => {
  const act = { text: phrase`Mark it.`, points: [{ letter: "A", name: "a", at }] };

  it("numbers the acts and gathers what they put on the paper", () => {
    const draft = composeDraft("x", "X", [act, { text: phrase`Look.`, tapeCheck: phrase`It measures.` }]);
    expect(draft.steps.map((step) => step.n)).toEqual([1, 2]);
    expect(draft.points.map((p) => p.letter)).toEqual(["A"]);
    expect(draft.steps[1]?.tapeCheck).toEqual(["It measures."]);
    expect(draft.steps[0]?.tapeCheck).toBeNull();
  });

  it("refuses a letter or a line that stands twice: the card would lie", () => {
    expect(() => composeDraft("x", "X", [act, act])).toThrow('"A" stands twice in the draft "x"');
    const drawn = {
      text: phrase`Rule it.`,
      lines: [{ id: "l", kind: "guide" as const, path: [[at, at, at, at] as const] }],
    };
    expect(() => composeDraft("x", "X", [drawn, drawn])).toThrow('"l" stands twice');
  });
});
