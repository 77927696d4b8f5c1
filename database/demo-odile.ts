import type { DemoClient } from "./demo-client";

/** Made up, as everybody here is: whose garments show the main job. */
export const ODILE: DemoClient = {
  name: "Odile Brandt",
  note: "Carries the left shoulder a little low. Likes a sleeve she can reach up in.",
  takenOn: "2026-10-06",
  body: {
    bust: 37.25,
    waist: 29.5,
    hip: 39.75,
    upperArm: 11.875,
    elbow: 11.25,
    wrist: 6.625,
    hand: 8.125,
    armLength: 23.25,
    shoulderToElbow: 13.5,
    neckBase: 15.25,
    neck: 13.5,
    shoulderWidth: 16.125,
    shoulderLength: 4.875,
    armholeGirth: 16.75,
    backLength: 16.25,
    frontToBust: 10.75,
    bustSpan: 7.375,
  },
  before: [
    {
      takenOn: "2024-05-14",
      body: { bust: 36, waist: 27.75, hip: 38.5, upperArm: 11.375, wrist: 6.5, armLength: 23.25, neckBase: 15 },
    },
    {
      takenOn: "2025-03-03",
      body: { bust: 36.5, waist: 28.5, hip: 39, upperArm: 11.5, wrist: 6.5, armLength: 23.25, backLength: 16.25 },
    },
    {
      takenOn: "2026-02-18",
      body: { bust: 37.75, waist: 30.25, hip: 40, upperArm: 12, elbow: 11.25, wrist: 6.625, armLength: 23.25 },
    },
  ],
  garments: [
    {
      name: "Lamplighter jacket",
      stage: "drafted",
      dueIn: 12,
      fittingIn: 6,
      file: {
        block: {
          source: "drafted",
          garment: "jacket",
          shaping: "princess-armhole",
          alterations: [{ kind: "lower-armhole", by: 0.25 }],
        },
        bodice: { panels: "cut", back: "seam" },
        cloth: { kind: "soft-wool" },
        sleeve: {
          kind: "set-in",
          method: "fit-first",
          cut: "two-piece",
          capEase: 1.5,
          upperArmEase: 2.75,
          elbowEase: 2.5,
          wristEase: 3.5,
          hemTurnUp: 1.5,
          length: 23.25,
        },
        collar: { kind: "notched" },
      },
    },
    {
      name: "Harbour blouse",
      file: {
        block: { source: "readings", armhole: { front: 8.875, back: 9.375, depth: 7.875 } },
        cloth: { kind: "medium-woven" },
        sleeve: { kind: "set-in", method: "fit-first", capEase: 1.125, upperArmEase: 2, length: 23.25 },
      },
    },
    {
      name: "Poplin work shirt",
      file: {
        block: {
          source: "readings",
          armhole: { front: 9.5, back: 10, depth: 8.375 },
          shoulder: { length: 5, slope: 1.375 },
          neckline: { width: 2.75, frontDepth: 2.875, backDepth: 0.75 },
        },
        cloth: { kind: "shirting" },
        sleeve: { kind: "set-in", method: "fit-first", capEase: 0.125, upperArmEase: 3.25, length: 23.25 },
        collar: { kind: "shirt", beyond: 0.75 },
      },
    },
  ],
};
