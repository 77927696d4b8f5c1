import { sampleSpec } from "@core/testing/sample";
import { beforeEach, describe, expect, it } from "vitest";
import { getAtPath } from "./spec-path";
import { beginGesture, createWorkStore, redo, undo, type WorkStore } from "./work-store";

let store: WorkStore;
const easeOf = () => getAtPath(store.getState().spec, "sleeve.upperArmEase");
const past = () => store.getState().history.past.length;

beforeEach(() => {
  store = createWorkStore(sampleSpec(), 3);
});

describe("the garment on the table", () => {
  it("starts as it was saved, drafted, with nothing to undo", () => {
    const { spec, savedSpec, savedVersion, garment, lastGood } = store.getState();
    expect(spec).toBe(savedSpec);
    expect(savedVersion).toBe(3);
    expect(garment).toBe(lastGood);
    expect(garment.sleeve).not.toBeNull();
    expect(past()).toBe(0);
  });

  it("redrafts at every change of a field, and leaves the rest of the spec shared", () => {
    const before = store.getState();
    before.setField("sleeve.upperArmEase", 60);
    const after = store.getState();
    expect(after.garment).not.toBe(before.garment);
    expect(after.garment.figures.find((one) => one.id === "sleeve.capWidth")?.value).toBeCloseTo(11.75 * 25.4 + 60, 9);
    expect(after.spec.block).toBe(before.spec.block);
  });

  it("does nothing when a field is set to what it is", () => {
    const before = store.getState();
    before.setField("sleeve.upperArmEase", easeOf());
    expect(store.getState().spec).toBe(before.spec);
    expect(past()).toBe(0);
  });

  it("keeps the last draft that had a sleeve while the figures make none", () => {
    const good = store.getState().garment;
    store.getState().setField("body.upperArm", 900);
    expect(store.getState().garment.sleeve).toBeNull();
    expect(store.getState().lastGood).toBe(good);
    store.getState().setField("body.upperArm", 300);
    expect(store.getState().lastGood).toBe(store.getState().garment);
  });

  it("keeps the last collar of the kind that is wanted while the figures make none, and no other", () => {
    const { change, setField } = store.getState();
    setField("collar", { kind: "notched" });
    const good = store.getState().garment.collar;
    expect(good).not.toBeNull();
    change({ collar: { breakDepth: 30 } });
    expect(store.getState().garment.collar).toBeNull();
    expect(store.getState().lastCollar).toBe(good);
    change({ collar: { kind: "shirt", point: 12, spread: 40 } });
    expect(store.getState().lastCollar).toBeNull();
    setField("collar", null);
    expect(store.getState().lastCollar).toBeNull();
  });

  it("knows a sleeve that was taken away from one that failed", () => {
    store.getState().setField("sleeve", null);
    expect(store.getState().lastGood.sleeve).toBeNull();
    expect(store.getState().lastGood).toBe(store.getState().garment);
  });

  it("keeps half-typed text beside the spec, and lets go of it", () => {
    store.getState().setTyped("block.armhole.front", "8 1/");
    expect(store.getState().typed).toEqual({ "block.armhole.front": "8 1/" });
    expect(past()).toBe(0);
    store.getState().setTyped("block.armhole.front", null);
    expect(store.getState().typed).toEqual({});
  });

  it("moves its base when it is saved, without touching what was changed since", () => {
    store.getState().setField("sleeve.upperArmEase", 60);
    const sent = store.getState().spec;
    store.getState().setField("sleeve.upperArmEase", 61);
    store.getState().markSaved(sent, 4);
    expect(store.getState().savedVersion).toBe(4);
    expect(store.getState().spec).not.toBe(store.getState().savedSpec);
    expect(easeOf()).toBe(61);
  });
});

describe("undo and redo", () => {
  it("go back and forth over changes, redrafting each time", () => {
    const start = easeOf();
    store.getState().setField("sleeve.upperArmEase", 60);
    store.getState().setField("sleeve.upperArmEase", 70);
    undo(store);
    expect(easeOf()).toBe(60);
    expect(store.getState().garment.spec).toBe(store.getState().spec);
    undo(store);
    expect(easeOf()).toBe(start);
    redo(store);
    redo(store);
    expect(easeOf()).toBe(70);
  });

  it("take a whole gesture as one step", () => {
    const start = easeOf();
    const end = beginGesture(store);
    for (const ease of [55, 60, 65]) store.getState().setField("sleeve.upperArmEase", ease);
    end();
    expect(past()).toBe(1);
    undo(store);
    expect(easeOf()).toBe(start);
    redo(store);
    expect(easeOf()).toBe(65);
  });

  it("take no step for a gesture that changed nothing, and record again after it", () => {
    beginGesture(store)();
    expect(past()).toBe(0);
    store.getState().setField("sleeve.upperArmEase", 60);
    expect(past()).toBe(1);
  });

  it("take a drag that begins while a box is still being typed in as one step, and the typing as another", () => {
    const start = easeOf();
    const endTyping = beginGesture(store);
    store.getState().setField("sleeve.upperArmEase", 55);
    const endDrag = beginGesture(store);
    endTyping();
    for (const ease of [60, 65, 70]) store.getState().setField("sleeve.upperArmEase", ease);
    endDrag();
    expect(past()).toBe(2);
    undo(store);
    expect(easeOf()).toBe(55);
    undo(store);
    expect(easeOf()).toBe(start);
  });

  it("forget what could be redone once something new is done", () => {
    store.getState().setField("sleeve.upperArmEase", 60);
    undo(store);
    const end = beginGesture(store);
    store.getState().setField("sleeve.upperArmEase", 80);
    end();
    expect(store.getState().history.future).toEqual([]);
  });

  it("let go of half-typed text that belongs to another state", () => {
    store.getState().setField("sleeve.upperArmEase", 60);
    store.getState().setTyped("body.bust", "thirty");
    undo(store);
    expect(store.getState().typed).toEqual({});
  });
});

describe("another way to the block", () => {
  it("sets the one before aside, brings it back as it was left, and is one step to undo", () => {
    const { block } = store.getState().spec;
    store.getState().takeBlockSource("drafted");
    expect(store.getState().spec.block).toEqual({ source: "drafted" });
    expect(store.getState().garment.drafts.map((draft) => draft.id)).toEqual(["sleeve", "back", "front", "bodice"]);
    store.getState().setField("block.style", "knit");
    store.getState().takeBlockSource("readings");
    expect(store.getState().spec.block).toBe(block);
    store.getState().takeBlockSource("drafted");
    expect(store.getState().spec.block).toEqual({ source: "drafted", style: "knit" });
    undo(store);
    expect(store.getState().spec.block).toBe(block);
  });

  it("does nothing when it is the way already", () => {
    const before = store.getState().spec;
    store.getState().takeBlockSource("readings");
    expect(store.getState().spec).toBe(before);
  });
});
