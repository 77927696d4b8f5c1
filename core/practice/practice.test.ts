import { describe, expect, it } from "vitest";
import { speak } from "../draft";
import { draftGarment } from "../garment";
import { withSleeve } from "../testing/sample";
import { judgeAnswer, type Question, questionsOf } from ".";

const INCH = 25.4;
const question = (value: number, mistakes: Question["mistakes"] = []): Question => ({
  id: "x",
  label: "X",
  value,
  mistakes,
});

describe("judging an answer", () => {
  it("is content with what a tape shows, and calls a hand draft's quarter inch near (common practice, no source)", () => {
    const asked = question(7.789 * INCH);
    expect(judgeAnswer(asked, 7.75 * INCH).grade).toBe("right");
    expect(judgeAnswer(asked, 8 * INCH).grade).toBe("near");
    expect(judgeAnswer(asked, 9 * INCH).grade).toBe("wrong");
  });

  it.each([
    ["half of it", 4.5, "half-forgotten"],
    ["twice of it", 18, "doubled"],
    ["with half an inch of allowance at both ends", 10, "allowance-measured"],
    ["in centimetres for inches", 9 * 2.54, "unit-mixed"],
  ])("names the slip when the answer is %s", (_what, inches, slip) => {
    const verdict = judgeAnswer(question(9 * INCH), inches * INCH);
    expect(verdict).toMatchObject({ grade: "wrong", slip });
    expect(speak(verdict.says, "in")).toContain("It is 9 in");
  });

  it("names no slip where none gives the figure", () => {
    expect(judgeAnswer(question(9 * INCH), 11.6 * INCH).slip).toBeNull();
  });
});

describe("the questions of a card", () => {
  const { drafts } = draftGarment(withSleeve({ method: "bust-twelfth" }));
  const [draft] = drafts;
  if (!draft) throw new Error("the sample drafts");
  const questions = draft.steps.flatMap((step) => questionsOf(draft, step));

  it("ask for every figure that a step brings, and for lengths only", () => {
    expect(questions.map((one) => one.id)).toEqual(
      expect.arrayContaining(["sleeve.capHeight", "sleeve.slant.front", "sleeve.cap.back"]),
    );
    for (const { value } of questions) expect(value).toBeGreaterThan(0);
  });

  it("know the half armhole laid flat for a slant, and the slant for the seam along the curve", () => {
    const figureOf = (id: string) => draft.figures.find((figure) => figure.id === id)?.value ?? Number.NaN;
    const slipIn = (id: string, answer: number) => {
      const asked = questions.find((one) => one.id === id);
      if (!asked) throw new Error(`no step asks for ${id}`);
      return judgeAnswer(asked, answer).slip;
    };
    expect(slipIn("sleeve.slant.front", figureOf("sleeve.capWidth") / 2)).toBe("flat-for-slant");
    expect(slipIn("sleeve.cap.front", figureOf("sleeve.slant.front"))).toBe("straight-for-seam");
  });

  it("know one half's figure for the other's", () => {
    const asked = question(9 * INCH, [{ value: 9.5 * INCH, slip: "front-for-back" }]);
    expect(judgeAnswer(asked, 9.5 * INCH).slip).toBe("front-for-back");
  });
});
