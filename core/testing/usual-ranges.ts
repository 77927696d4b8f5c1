import type { Bounds } from "../spec";

/** The usual figures of an ordinary adult's garment, where neither a style nor the table of fields has a usual range. Invented. */
export const USUAL_BESIDE_TABLE: Readonly<Record<string, Bounds>> = {
  "block.alterations.*.by": { least: 0, most: 25 },
  "block.workroomEase.bust": { least: 10, most: 160 },
  "block.workroomEase.waist": { least: 10, most: 180 },
  "block.workroomEase.hip": { least: 10, most: 140 },
  "block.workroomEase.upperArm": { least: 0, most: 110 },
  "block.workroomEase.acrossBack": { least: 0, most: 40 },
  "block.workroomEase.acrossFront": { least: 0, most: 25 },
  "block.workroomEase.armhole": { least: 5, most: 90 },
  "block.workroomEase.neckline": { least: 0, most: 10 },
  "block.workroomEase.balance": { least: 5, most: 20 },
  "otherArm.upperArm": { least: 230, most: 400 },
  "otherArm.elbow": { least: 210, most: 350 },
  "otherArm.wrist": { least: 140, most: 200 },
  "otherArm.hand": { least: 180, most: 230 },
  "otherArm.armLength": { least: 520, most: 640 },
  "otherArm.shoulderToElbow": { least: 300, most: 370 },
  "bodice.hemGirth": { least: 650, most: 1300 },
  "sleeve.lowerEase.front": { least: 0, most: 6 },
  "sleeve.lowerEase.back": { least: 0, most: 6 },
  "cloth.takes.capEase.least": { least: -10, most: 20 },
  "cloth.takes.capEase.most": { least: 20, most: 50 },
  "cloth.takes.upperArmEase.least": { least: -10, most: 40 },
  "cloth.takes.upperArmEase.most": { least: 40, most: 100 },
  "allowances.edges.*.by": { least: 0, most: 30 },
};
