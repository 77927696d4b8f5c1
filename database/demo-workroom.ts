export type DemoGarment = { readonly name: string; readonly file: Readonly<Record<string, unknown>> };
export type DemoClient = {
  readonly name: string;
  readonly note: string;
  readonly takenOn: string;
  /** Inches. */
  readonly body: Readonly<Record<string, number>>;
  /** Earlier measurings, oldest first, inches. */
  readonly before?: readonly { readonly takenOn: string; readonly body: Readonly<Record<string, number>> }[];
  readonly garments: readonly DemoGarment[];
};

/** Everyone and everything here is made up. */
export const STUDIO = "Quayside Workroom";

export const CLIENTS: readonly DemoClient[] = [
  {
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
        file: {
          block: {
            source: "drafted",
            shoulderEase: 0.5,
            frontSlope: 1.5,
            shaping: "princess-armhole",
            centreBackShaping: 0.625,
            alterations: [{ kind: "lower-armhole", by: 0.5 }],
          },
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
  },
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
        file: {
          block: { source: "readings", armhole: { front: 7.875, back: 8.375, depth: 7.25 } },
          cloth: { kind: "crisp-woven" },
          sleeve: { kind: "set-in", method: "bust-twelfth", capEase: 0.625, length: 24.5 },
        },
      },
      {
        name: "Short-sleeved tea dress",
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
        file: {
          block: { source: "drafted", shaping: "none", chestEase: 1 },
          cloth: { kind: "soft-wool" },
          sleeve: { kind: "raglan", upperArmEase: 3, elbowEase: 3, wristEase: 4, length: 23 },
        },
      },
      {
        name: "Verandah top",
        file: {
          block: { source: "drafted", shaping: "none", bodyLength: "hip", gathers: "slight" },
          cloth: { kind: "crisp-woven" },
          sleeve: { kind: "offShoulder", upperArmEase: 2, length: 12 },
        },
      },
      {
        name: "Regatta kimono top",
        file: {
          block: { source: "drafted", shaping: "none", bodyLength: "hip" },
          cloth: { kind: "medium-woven" },
          sleeve: { kind: "kimono", upperArmEase: 4, length: 9, kimono: { drop: 4 } },
        },
      },
      {
        name: "Moorings cardigan",
        file: {
          block: { source: "drafted", style: "dropped", neckShape: "v" },
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
