import type { Body, OtherArm } from "../body";
import { type GarmentSpec, readGarment } from "../spec";
import blouse from "./points/blouse.json";
import cardigan from "./points/cardigan.json";
import collar from "./points/collar.json";
import jacket from "./points/jacket.json";
import kimonoTop from "./points/kimono-top.json";
import offTheShoulderTop from "./points/off-the-shoulder-top.json";
import plainSleeve from "./points/plain-sleeve.json";
import raglanCoat from "./points/raglan-coat.json";
import shirtDress from "./points/shirt-dress.json";
import tShirt from "./points/t-shirt.json";
import workShirt from "./points/work-shirt.json";

/** What a new garment can start from: a garment file without a body. */
export type StartingPoint = {
  readonly id: string;
  readonly name: string;
  readonly says: string;
  readonly file: unknown;
};

/** Scenarios of our own, with the figures that are usual for each (common practice, no source). */
export const STARTING_POINTS: readonly StartingPoint[] = [
  { id: "blouse", name: "Blouse", says: "Twelve panels, roll collar, bishop sleeve", file: blouse },
  { id: "work-shirt", name: "Work shirt", says: "Collar with a stand, cuffs, curved hem", file: workShirt },
  { id: "jacket", name: "Jacket", says: "Princess panels, notched collar, sleeve in two pieces", file: jacket },
  { id: "t-shirt", name: "T-shirt", says: "Knit, faced neck, short sleeve", file: tShirt },
  { id: "kimono-top", name: "Kimono top", says: "Sleeve cut in one with front and back", file: kimonoTop },
  {
    id: "off-the-shoulder-top",
    name: "Off-the-shoulder top",
    says: "Gathered, elastic at top and hem",
    file: offTheShoulderTop,
  },
  { id: "cardigan", name: "Cardigan", says: "V neck, dropped shoulder, bands", file: cardigan },
  { id: "shirt-dress", name: "Shirt dress", says: "Buttoned, with a deep curved hem", file: shirtDress },
  { id: "raglan-coat", name: "Raglan coat", says: "Straight, flared a little, notched collar", file: raglanCoat },
  { id: "plain-sleeve", name: "Sleeve alone", says: "For an armhole that was measured", file: plainSleeve },
  { id: "collar", name: "Collar alone", says: "For a neckline that was measured", file: collar },
];

/** The garment that a point starts, for a body in millimetres and an arm that differs; null for a file that cannot be read, as an old one of a studio's own may be. */
export function startedFrom(
  { file }: Pick<StartingPoint, "file">,
  body: Body,
  otherArm: OtherArm | null = null,
): GarmentSpec | null {
  const read = readGarment(file);
  return read.ok ? { ...read.spec, body, ...(otherArm ? { otherArm } : {}) } : null;
}

/** Whom a picture is drawn for before anybody was measured: an invented person of a middle size, in millimetres. */
export const MIDDLE_BODY: Body = {
  bust: 940,
  waist: 760,
  hip: 1010,
  neckBase: 385,
  neck: 350,
  head: 560,
  shoulderWidth: 390,
  armholeGirth: 425,
  backLength: 405,
  frontToBust: 270,
  bustSpan: 185,
  upperArm: 295,
  elbow: 270,
  wrist: 165,
  armLength: 580,
  shoulderToElbow: 335,
};
