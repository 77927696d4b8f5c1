import { describe, expect, it } from "vitest";
import { readPreferences } from "./preferences";

const read = (cookie?: string) =>
  readPreferences(new Request("http://127.0.0.1/", { headers: cookie ? { cookie } : {} }));

describe("the preferences of a request", () => {
  it("are inches on light paper for someone new", () => {
    expect(read()).toEqual({ unit: "in", look: "light", folded: ["findings"] });
  });

  it("are read from among other cookies", () => {
    expect(read("a=b; gamine-unit=cm; gamine-look=dark; gamine-folded=side.fields; c")).toEqual({
      unit: "cm",
      look: "dark",
      folded: ["fields", "side"],
    });
  });

  it("pass over what they do not know", () => {
    expect(read("gamine-unit=yard; gamine-look=neon; gamine-folded=roof")).toEqual({
      unit: "in",
      look: "light",
      folded: [],
    });
  });
});
