import type { DemoClient } from "./demo-client";
import { ODILE } from "./demo-odile";

/** Everyone and everything here is made up. */
export const STUDIO = "Quayside Workroom";
export const MAKER = "Ottilie Marsh";

export const CLIENTS: readonly DemoClient[] = [
  ODILE,
  {
    name: "Temperance Okoro",
    note: "Full upper arm, narrow shoulders.",
    takenOn: "2026-10-19",
    body: {
      bust: 46.5,
      waist: 40.25,
      hip: 49,
      upperArm: 16.25,
      elbow: 13.75,
      wrist: 7.375,
      hand: 8.625,
      armLength: 22.75,
      shoulderToElbow: 13,
      neckBase: 17.5,
    },
    garments: [
      {
        name: "Wool crêpe jacket",
        stage: "fitted",
        dueIn: 9,
        fittingIn: 4,
        fitting: {
          daysAgo: 3,
          note: "Over a thin blouse, in the shoes that she will wear.",
          seen: [
            { what: "arm-not-raised", words: "" },
            { what: "sleeve-long", words: "" },
          ],
          changes: [
            { id: "widen-sleeve", by: 12.7 },
            { id: "shorten-sleeve", by: 9.525 },
          ],
        },
        file: {
          block: { source: "readings", armhole: { front: 11.125, back: 11.75, depth: 9.75 } },
          cloth: { kind: "soft-wool" },
          sleeve: { kind: "set-in", method: "fit-first", capEase: 1.625, upperArmEase: 2.75, length: 22.75 },
          collar: { kind: "roll" },
        },
      },
    ],
  },
  {
    name: "Wilhelmina Sato",
    note: "Long arms. Short sleeves to the middle of the upper arm.",
    takenOn: "2026-09-28",
    body: {
      bust: 33.5,
      waist: 26.25,
      hip: 36.5,
      upperArm: 9.75,
      elbow: 9.5,
      wrist: 5.75,
      hand: 7.375,
      armLength: 24.5,
      shoulderToElbow: 14,
    },
    garments: [
      {
        name: "Silk noil dress",
        stage: "cut",
        dueIn: 16,
        file: {
          block: { source: "readings", armhole: { front: 7.875, back: 8.375, depth: 7.25 } },
          cloth: { kind: "crisp-woven" },
          sleeve: { kind: "set-in", method: "bust-twelfth", capEase: 0.625, length: 24.5 },
        },
      },
      {
        name: "Short-sleeved tea dress",
        stage: "sewn",
        dueIn: -2,
        fittingIn: 0,
        file: {
          block: { source: "readings", armhole: { front: 8, back: 8.5, depth: 7.25 } },
          cloth: { kind: "crisp-woven" },
          sleeve: {
            kind: "puff",
            method: "fit-first",
            capEase: 0.625,
            upperArmEase: 1.75,
            length: 9.5,
            puff: { crownSpread: 4.5, hemSpread: 3, lift: 1.25 },
          },
        },
      },
    ],
  },
  {
    name: "Seraphine Lund-Achebe",
    note: "Wants sleeves that move with her: she gardens in everything.",
    takenOn: "2026-11-05",
    body: {
      bust: 38.5,
      waist: 31,
      hip: 41.25,
      neckBase: 15.5,
      head: 22.25,
      upperArm: 12.125,
      elbow: 11.25,
      wrist: 6.75,
      hand: 8.25,
      armLength: 23,
      shoulderToElbow: 13.25,
      shoulderWidth: 16.25,
      shoulderLength: 5,
      neckToWrist: 28.5,
      aroundShoulders: 41.5,
      armholeGirth: 17.25,
      backLength: 16,
      frontToBust: 10.875,
      bustSpan: 7.5,
    },
    garments: [
      {
        name: "Tidewater raglan coat",
        stage: "drafted",
        dueIn: 30,
        file: {
          block: { source: "drafted", garment: "coat" },
          cloth: { kind: "soft-wool" },
          sleeve: { kind: "raglan", upperArmEase: 3, elbowEase: 3, wristEase: 4, length: 23 },
        },
      },
      {
        name: "Verandah top",
        file: {
          block: { source: "drafted", garment: "blouse", shaping: "none", bodyLength: "hip", gathers: "slight" },
          cloth: { kind: "crisp-woven" },
          sleeve: { kind: "offShoulder", upperArmEase: 2, length: 12 },
        },
      },
      {
        name: "Regatta kimono top",
        stage: "sewn",
        file: {
          block: { source: "drafted", garment: "blouse", shaping: "none", sideSeam: "straight", bodyLength: "hip" },
          cloth: { kind: "medium-woven" },
          sleeve: { kind: "kimono", upperArmEase: 4, length: 12, kimono: { drop: 4 } },
        },
      },
      {
        name: "Moorings cardigan",
        file: {
          block: { source: "drafted", garment: "cardigan", style: "dropped", neckShape: "v" },
          cloth: { kind: "knit" },
          sleeve: { kind: "dropped", dropped: { hemBand: 2.5 } },
        },
      },
    ],
  },
  {
    name: "Philippa Dunmore",
    note: "First fitting still to come: the armhole has not been taped.",
    takenOn: "2026-11-12",
    body: { bust: 41, waist: 35.5, hip: 43.25, upperArm: 13.5 },
    garments: [{ name: "Sunday coat-dress", file: { cloth: { kind: "medium-woven" }, sleeve: { kind: "set-in" } } }],
  },
  {
    name: "Bartholomew Fay",
    note: "Waistcoats and shirts for the stage.",
    takenOn: "2026-11-03",
    body: {
      bust: 39.5,
      waist: 34,
      hip: 38.5,
      upperArm: 12.75,
      elbow: 11.75,
      wrist: 7,
      hand: 9,
      armLength: 25,
      shoulderToElbow: 14.25,
    },
    garments: [
      {
        name: "Jersey rehearsal top",
        file: {
          block: { source: "readings", armhole: { front: 9.25, back: 9.625, depth: 8.25 } },
          cloth: { kind: "knit" },
          sleeve: { kind: "set-in", method: "fit-first", capEase: -0.25, upperArmEase: 0.25, length: 25 },
        },
      },
    ],
  },
];
