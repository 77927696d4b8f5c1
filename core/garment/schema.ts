import { z } from "zod";
import { MEASURE_IDS, type MeasureId } from "../body";
import { CLOTH_KINDS } from "../cloth";
import { SET_IN_METHODS } from "../sleeve/set-in";
import { TAPE_UNITS, type TapeUnit } from "../tape";
import { LENGTH_FIELDS } from "./fields";
import { lengthField } from "./length-field";
import { COLLAR_KINDS, GARMENT_FORMAT } from "./spec";

const LONGEST_NAME = 200;

/** The open garment file with its lengths in `unit`; reading it gives millimetres. */
function garmentSchema(unit: TapeUnit) {
  const length = (path: string) => {
    const field = LENGTH_FIELDS[path];
    if (!field) throw new Error(`garmentSchema: no field "${path}"`);
    return lengthField(unit, field);
  };
  const body = Object.fromEntries(MEASURE_IDS.map((id) => [id, length(`body.${id}`)])) as Record<
    MeasureId,
    ReturnType<typeof lengthField>
  >;
  return z.strictObject({
    format: z.literal(GARMENT_FORMAT),
    unit: z.enum(TAPE_UNITS),
    name: z.string().trim().max(LONGEST_NAME).default("Untitled garment"),
    body: z.strictObject(body).default({}),
    block: z
      .strictObject({
        source: z.literal("readings"),
        armhole: z
          .strictObject({
            front: length("block.armhole.front"),
            back: length("block.armhole.back"),
            depth: length("block.armhole.depth"),
          })
          .default({}),
        shoulder: z
          .strictObject({ length: length("block.shoulder.length"), slope: length("block.shoulder.slope") })
          .optional(),
        neckline: z
          .strictObject({
            width: length("block.neckline.width"),
            frontDepth: length("block.neckline.frontDepth"),
            backDepth: length("block.neckline.backDepth"),
          })
          .optional(),
        includesSeamAllowance: length("block.includesSeamAllowance"),
      })
      .default({ source: "readings", armhole: {} }),
    cloth: z.strictObject({ kind: z.enum(CLOTH_KINDS).optional(), width: length("cloth.width") }).default({}),
    sleeve: z
      .strictObject({
        kind: z.literal("set-in"),
        method: z.enum(SET_IN_METHODS).optional(),
        capEase: length("sleeve.capEase"),
        backEaseShare: z.number().min(0).max(1).optional(),
        upperArmEase: length("sleeve.upperArmEase"),
        elbowEase: length("sleeve.elbowEase"),
        wristEase: length("sleeve.wristEase"),
        length: length("sleeve.length"),
        capHeightChange: length("sleeve.capHeightChange"),
        capWidthChange: length("sleeve.capWidthChange"),
        notches: z
          .strictObject({ front: length("sleeve.notches.front"), back: length("sleeve.notches.back") })
          .optional(),
      })
      .nullable()
      .default({ kind: "set-in" }),
    collar: z
      .strictObject({
        kind: z.enum(COLLAR_KINDS),
        height: length("collar.height"),
        school: z.string().max(40).optional(),
      })
      .nullable()
      .default(null),
    allowances: z
      .strictObject({
        general: length("allowances.general"),
        neckline: length("allowances.neckline"),
        hem: length("allowances.hem"),
      })
      .default({}),
  });
}

export const GARMENT_SCHEMAS = {
  in: garmentSchema("in"),
  cm: garmentSchema("cm"),
  mm: garmentSchema("mm"),
} as const satisfies Record<TapeUnit, unknown>;
