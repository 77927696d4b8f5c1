import type { Dimension } from "@core/draft/index";
import { phrase } from "@core/draft/index";
import type { Finding } from "@core/judge/index";
import { describe, expect, it } from "vitest";
import { findingsAt, pathsOf } from "./findings-at";

const figure = (types: string): Dimension => ({
  id: types,
  label: types,
  value: 10,
  types,
  rank: 1,
  on: null,
  place: { as: "place", at: { x: 0, y: 0 } },
});

const finding = (
  code: Finding["code"],
  severity: Finding["severity"],
  change: Finding["remedies"][number]["change"],
): Finding => ({
  code,
  severity,
  station: "sleeve",
  message: phrase`${code}`,
  reason: phrase``,
  numbers: {},
  remedies: [{ id: "mend", label: phrase`Mend it`, change }],
});

const FIGURES = [figure("sleeve.capEase"), figure("sleeve.upperArmEase")];

describe("a finding stands at its figure", () => {
  it("at the one that its remedy changes, and at no other station's", () => {
    const one = finding("sleeve-binds", "warning", { sleeve: { upperArmEase: 40 } });
    expect([...findingsAt([one], "sleeve", FIGURES)]).toEqual([["sleeve.upperArmEase", one]]);
    expect(findingsAt([one], "block", FIGURES).size).toBe(0);
  });

  it("and of several at one place the gravest is shown", () => {
    const note = finding("cap-too-long", "note", { sleeve: { capEase: 20 } });
    const fault = finding("no-cap-fits", "fault", { sleeve: { capEase: 25 } });
    expect(findingsAt([note, fault], "sleeve", FIGURES).get("sleeve.capEase")).toBe(fault);
  });

  it("nowhere, where no figure of the sheet mends it", () => {
    expect(
      findingsAt([finding("front-cut-twice", "fault", { bodice: { cut: "whole" } })], "sleeve", FIGURES).size,
    ).toBe(0);
    expect(findingsAt([], "sleeve", FIGURES).size).toBe(0);
  });

  it("reads the fields that a change sets, the emptied ones too", () => {
    expect(pathsOf({ sleeve: { capEase: 3, hem: { depth: undefined } }, collar: null })).toEqual([
      "sleeve.capEase",
      "sleeve.hem.depth",
      "collar",
    ]);
    expect(pathsOf({})).toEqual([]);
  });
});
