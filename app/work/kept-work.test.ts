import { readingsOf, sampleSpec } from "@core/testing/sample";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { forgetKeptWork, keepWork } from "./kept-work";
import { readKeptWork } from "./read-kept-work";

/** What a browser's storage does, without a browser. */
function storage(): Storage {
  const kept = new Map<string, string>();
  return {
    get length() {
      return kept.size;
    },
    clear: () => kept.clear(),
    getItem: (key) => kept.get(key) ?? null,
    key: (index) => [...kept.keys()][index] ?? null,
    removeItem: (key) => void kept.delete(key),
    setItem: (key, value) => void kept.set(key, value),
  };
}

/** A tab is what has a session of its own; all tabs of a browser share what is kept longer. */
const openTab = () => vi.stubGlobal("sessionStorage", storage());

beforeEach(() => {
  vi.stubGlobal("localStorage", storage());
  openTab();
});
afterEach(() => vi.unstubAllGlobals());

describe("unsaved work in the browser", () => {
  it("comes back as it was kept, half-typed text and base version too", () => {
    const spec = sampleSpec();
    keepWork("g1", { spec, typed: { "body.bust": "thirty" }, basedOn: 4 });
    const kept = readKeptWork("g1");
    expect(kept?.basedOn).toBe(4);
    expect(kept?.typed).toEqual({ "body.bust": "thirty" });
    expect(kept && readingsOf(kept.spec).armhole.front).toBeCloseTo(readingsOf(spec).armhole.front ?? 0, 9);
  });

  it("belongs to its garment alone, and is gone once forgotten", () => {
    keepWork("g1", { spec: sampleSpec(), typed: {}, basedOn: 1 });
    expect(readKeptWork("g2")).toBeNull();
    forgetKeptWork("g1");
    expect(readKeptWork("g1")).toBeNull();
  });

  it("is kept by each tab for itself; a new tab takes over the newest that another left", () => {
    const work = (chestEase: number) => ({
      spec: { ...sampleSpec(), name: `ease ${chestEase}` },
      typed: {},
      basedOn: 1,
    });
    keepWork("g1", work(1));
    const first = globalThis.sessionStorage;
    openTab();
    keepWork("g1", work(2));
    expect(readKeptWork("g1")?.spec.name).toBe("ease 2");
    vi.stubGlobal("sessionStorage", first);
    expect(readKeptWork("g1")?.spec.name).toBe("ease 1");
    openTab();
    expect(readKeptWork("g1")?.spec.name).toMatch(/^ease [12]$/);
    forgetKeptWork("g1");
    expect(readKeptWork("g1")?.spec.name).toMatch(/^ease [12]$/);
    forgetKeptWork("g1");
    expect(readKeptWork("g1")).toBeNull();
  });

  it.each([
    "not json",
    "{}",
    '{"file":{"format":"other"},"typed":{},"basedOn":1,"keptAt":1}',
    '{"file":null,"typed":{"a":3},"basedOn":1,"keptAt":1}',
  ])("is passed over when what is kept is %s", (text) => {
    localStorage.setItem("gamine-work-g1-other-tab", text);
    expect(readKeptWork("g1")).toBeNull();
  });

  it("does not stop the drafting where storage is switched off or full", () => {
    vi.stubGlobal("localStorage", {
      getItem: () => {
        throw new Error("denied");
      },
      setItem: () => {
        throw new Error("full");
      },
      removeItem: () => {
        throw new Error("denied");
      },
    });
    expect(() => keepWork("g1", { spec: sampleSpec(), typed: {}, basedOn: 1 })).not.toThrow();
    expect(readKeptWork("g1")).toBeNull();
    expect(() => forgetKeptWork("g1")).not.toThrow();
  });
});
