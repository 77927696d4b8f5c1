import { describe, expect, it } from "vitest";
import { readArguments } from "./arguments";

const request = (...words: string[]) => {
  const read = readArguments(words);
  return read.ok ? read.request : read.issues[0]?.message;
};

describe("the words of the command line", () => {
  it("are a file to draft", () => {
    expect(request("a.json")).toEqual({ kind: "one", file: "a.json", out: null, as: ["svg"] });
  });

  it("say where to write what, in any order", () => {
    expect(request("--as", "pdf, svg", "--out", "dir", "a.json")).toEqual({
      kind: "one",
      file: "a.json",
      out: "dir",
      as: ["pdf", "svg"],
    });
  });

  it("draft many", () => {
    expect(request("--many", "a.jsonl")).toEqual({ kind: "many", file: "a.jsonl" });
  });

  it("wear one, with the arm down or raised", () => {
    expect(request("--wear", "a.json")).toEqual({ kind: "wear", file: "a.json", out: null, raised: 0 });
    expect(request("--raised", "70", "--wear", "a.json", "--out", "dir")).toEqual({
      kind: "wear",
      file: "a.json",
      out: "dir",
      raised: 70,
    });
  });

  it.each([
    [["--wear", "a.json", "--raised", "200"], /0 to 120 degrees/],
    [["--wear", "a.json", "--as", "pdf"], /--wear goes with/],
    [["a.json", "--raised", "20"], /--raised goes with --wear/],
    [["a.json", "b.json"], /One garment file/],
    [["--many", "a.jsonl", "b.json"], /stands alone/],
    [["--many", "a.jsonl", "--out", "x"], /stands alone/],
    [["a.json", "--out", "--as"], /--out wants a value/],
    [["a.json", "--out", "x", "--as", "plan"], /plan is not written yet/],
    [["--help"], /--help is not an option/],
  ])("%j is told with the way to write it", (words, message) => {
    expect(request(...words)).toMatch(message);
  });
});
