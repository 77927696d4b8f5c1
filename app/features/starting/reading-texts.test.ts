import { readingsAsked, STARTING_POINTS, startedFrom } from "@core/starting/index";
import { describe, expect, it } from "vitest";
import { readReadings } from "./reading-texts";

const asked = (id: string) => {
  const point = STARTING_POINTS.find((one) => one.id === id);
  const spec = point && startedFrom(point, {});
  return spec ? readingsAsked(spec) : null;
};

describe("the readings that a part alone is drafted to", () => {
  it("are those of the armhole for a sleeve, of the neckline for a collar, and none where a block is drafted", () => {
    expect(asked("plain-sleeve")).toEqual(["block.armhole.front", "block.armhole.back"]);
    expect(asked("collar")).toEqual(["block.neckline.backLength", "block.neckline.frontLength"]);
    expect(asked("jacket")).toEqual([]);
  });

  it("are read as the tape writes them, and what is no length is told with the name of its box", () => {
    const paths = asked("plain-sleeve") ?? [];
    const { lengths, problems } = readReadings(
      { "block.armhole.front": "9 1/2", "block.armhole.back": "long" },
      "in",
      paths,
    );
    expect(lengths).toEqual({ "block.armhole.front": expect.closeTo(241.3, 6) });
    expect(problems["block.armhole.back"]).toContain("“long” is not a length");
    expect(readReadings({ "block.armhole.front": " " }, "cm", paths)).toEqual({ lengths: {}, problems: {} });
    expect(readReadings({ "block.armhole.front": "9" }, "in", [])).toEqual({ lengths: {}, problems: {} });
  });
});
