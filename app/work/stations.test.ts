import { draftGarment, STATIONS, type Station, stationState } from "@core/garment/index";
import { emptyGarment, type GarmentSpec } from "@core/spec/index";
import { sampleSpec } from "@core/testing/sample";
import { describe, expect, it } from "vitest";
import { isStation } from "./stations";

const state = (spec: GarmentSpec, station: Station) => stationState(station, draftGarment(spec));

describe("stations at a glance", () => {
  it("are all in order for a garment that was measured and fits", () => {
    for (const station of STATIONS) expect(state(sampleSpec(), station).mark, station).toBe("done");
  });

  it("ask for what is only estimated, each for its own", () => {
    const empty = emptyGarment("New", "in");
    expect(state(empty, "block")).toEqual({ mark: "asks", says: "3 estimated" });
    expect(state(empty, "measures").says).toMatch(/^\d+ estimated$/);
    expect(state(empty, "sleeve").mark).toBe("done");
  });

  it("name the fault where it is mended, and make the later ones wait", () => {
    const tooWide = { ...sampleSpec(), body: { ...sampleSpec().body, upperArm: 600 } };
    expect(state(tooWide, "sleeve")).toEqual({ mark: "fault", says: "needs mending" });
    expect(state(tooWide, "match")).toEqual({ mark: "asks", says: "waits for pieces" });
    expect(state(tooWide, "card").mark).toBe("asks");
  });

  it("count warnings", () => {
    const spec = { ...sampleSpec(), sleeve: { kind: "set-in" as const, ...sampleSpec().sleeve, upperArmEase: 5 } };
    expect(state(spec, "sleeve")).toEqual({ mark: "asks", says: "1 warning" });
  });

  it("are known by their names in an address", () => {
    expect(isStation("sleeve")).toBe(true);
    expect(isStation("toString")).toBe(false);
    expect(isStation(undefined)).toBe(false);
  });
});
