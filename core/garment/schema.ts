import { z } from "zod";
import {
  ALTERATION_KINDS,
  ARMHOLE_RULES,
  BLOCK_STYLES,
  BODY_LENGTHS,
  GATHERS,
  NECK_RULES,
  NECK_SHAPES,
  SHAPINGS,
} from "../block";
import { MEASURE_IDS, type MeasureId } from "../body";
import { CLOTH_KINDS } from "../cloth";
import {
  COLLAR_CHOICE_NAMES,
  COLLAR_FIELD_NAMES,
  COLLAR_FIELDS,
  COLLAR_KINDS,
  type CollarChoiceName,
  type CollarChoiceOf,
  type CollarFieldName,
  optionsOf,
} from "../collar";
import { readPathData } from "../geometry";
import { HEM_FINISHES } from "../sleeve/finish";
import { CAP_CURVES, FULLNESS_CHANGE, PLACEMENTS, SET_IN_METHODS, SLEEVE_CUTS, SURPLUS_WAYS } from "../sleeve/set-in";
import { SLEEVE_KINDS, STYLE_KINDS, STYLES, type StyleKind } from "../sleeve/styles";
import { TAPE_UNITS, type TapeUnit } from "../tape";
import { LENGTH_FIELDS, labelOf } from "./fields";
import { lengthField } from "./length-field";
import { GARMENT_FORMAT, NOTCH_MARKS } from "./spec";

/** A name without NULs, and with a sign for what is missing in the place of half of a surrogate pair: neither can be stored. */
function storable(text: string): string {
  return text
    .replaceAll("\0", "")
    .replace(/[\uD800-\uDBFF](?![\uDC00-\uDFFF])|(?<![\uD800-\uDBFF])[\uDC00-\uDFFF]/g, "\uFFFD");
}

/** No cloth takes half of its own length again. */
const MOST_EASE_SHARE = 0.5;
const LONGEST_NAME = 200;
/** Nobody alters one block more often; more is a broken file. */
const MOST_ALTERATIONS = 40;
/** A curve of some thousand segments; far beyond any edge a person draws. */
const LONGEST_PATH = 60_000;

/** An edge as path data. What makes no curve is refused by name; what makes no bodice is found when it is drafted. */
const EDGE = z
  .string()
  .max(LONGEST_PATH, "the path is too long")
  .refine((data) => readPathData(data) !== null, {
    message: "path data has to be one run of absolute M, L and C in millimetres, within 10 m",
  });
const OUTLINE_HALF = z.strictObject({
  armhole: EDGE,
  neckline: EDGE.optional(),
  shoulder: EDGE.optional(),
  grain: EDGE.optional(),
});

/** The open garment file with its lengths in `unit`; reading it gives millimetres. */
function garmentSchema(unit: TapeUnit) {
  const length = (path: string) => {
    const field = LENGTH_FIELDS[path];
    if (!field) throw new Error(`garmentSchema: no field "${path}"`);
    return lengthField(unit, field);
  };
  const range = (path: string) =>
    z
      .strictObject({ least: length(`${path}.least`), most: length(`${path}.most`) })
      .transform(({ least, most }, context) => {
        if (least !== undefined && most !== undefined && least <= most) return { least, most };
        const message = `${labelOf(path)}: it needs a least and a most, and the least may not be more than the most.`;
        context.addIssue({ code: "custom", message, params: { code: "out-of-bounds", message, bounds: null } });
        return z.NEVER;
      });
  const body = Object.fromEntries(MEASURE_IDS.map((id) => [id, length(`body.${id}`)])) as Record<
    MeasureId,
    ReturnType<typeof lengthField>
  >;
  const styles = Object.fromEntries(
    STYLE_KINDS.map((kind) => {
      const fields = Object.keys(STYLES[kind].fields).map((name) => [name, length(`sleeve.${kind}.${name}`)]);
      return [kind, z.strictObject(Object.fromEntries(fields) as Record<string, ReturnType<typeof length>>).optional()];
    }),
  ) as Record<StyleKind, z.ZodOptional<z.ZodObject<Record<string, ReturnType<typeof length>>>>>;
  const collarFields = Object.fromEntries(
    COLLAR_FIELD_NAMES.map((name) => {
      const { bounds, isAngle } = COLLAR_FIELDS[name];
      return [name, isAngle ? z.number().min(bounds.least).max(bounds.most).optional() : length(`collar.${name}`)];
    }),
  ) as Record<CollarFieldName, ReturnType<typeof length>>;
  const collarChoices = Object.fromEntries(
    COLLAR_CHOICE_NAMES.map((name) => [name, z.enum(optionsOf(name)).optional()]),
  ) as unknown as { readonly [Name in CollarChoiceName]: z.ZodOptional<z.ZodType<CollarChoiceOf<Name>>> };
  const alterations = z
    .array(z.strictObject({ kind: z.enum(ALTERATION_KINDS), by: length("block.alterations.*.by").default(0) }))
    .max(MOST_ALTERATIONS)
    .optional();
  return z.strictObject({
    format: z.literal(GARMENT_FORMAT),
    unit: z.enum(TAPE_UNITS),
    name: z.string().transform(storable).pipe(z.string().trim().max(LONGEST_NAME)).default("Untitled garment"),
    body: z.strictObject(body).default({}),
    block: z
      .discriminatedUnion("source", [
        z.strictObject({
          source: z.literal("readings"),
          armhole: z
            .strictObject({
              front: length("block.armhole.front"),
              back: length("block.armhole.back"),
              girth: length("block.armhole.girth"),
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
              frontLength: length("block.neckline.frontLength"),
              backLength: length("block.neckline.backLength"),
            })
            .optional(),
          includesSeamAllowance: length("block.includesSeamAllowance"),
          leaveOut: z
            .strictObject({
              centreBack: length("block.leaveOut.centreBack"),
              centreFront: length("block.leaveOut.centreFront"),
            })
            .optional(),
          alterations,
        }),
        z.strictObject({
          source: z.literal("drafted"),
          style: z.enum(BLOCK_STYLES).optional(),
          neckRule: z.enum(NECK_RULES).optional(),
          neckShape: z.enum(NECK_SHAPES).optional(),
          armholeRule: z.enum(ARMHOLE_RULES).optional(),
          shoulderEase: length("block.shoulderEase"),
          backSlope: length("block.backSlope"),
          frontSlope: length("block.frontSlope"),
          shoulderExtension: length("block.shoulderExtension"),
          chestEase: length("block.chestEase"),
          waistEase: length("block.waistEase"),
          hipEase: length("block.hipEase"),
          shaping: z.enum(SHAPINGS).optional(),
          dartIntake: length("block.dartIntake"),
          shoulderDartIntake: length("block.shoulderDartIntake"),
          centreBackShaping: length("block.centreBackShaping"),
          buttonStand: length("block.buttonStand"),
          gathers: z.enum(GATHERS).optional(),
          bodyLength: z.enum(BODY_LENGTHS).optional(),
          alterations,
        }),
        z.strictObject({
          source: z.literal("outline"),
          from: z.enum(["drawing", "photograph"]).optional(),
          error: length("block.error"),
          front: OUTLINE_HALF,
          back: OUTLINE_HALF,
          alterations,
        }),
      ])
      .default({ source: "readings", armhole: {} }),
    cloth: z
      .strictObject({
        kind: z.enum(CLOTH_KINDS).optional(),
        takes: z
          .strictObject({
            capEase: range("cloth.takes.capEase"),
            upperArmEase: range("cloth.takes.upperArmEase"),
            mostEaseShare: z.number().min(0).max(MOST_EASE_SHARE),
          })
          .optional(),
        width: length("cloth.width"),
      })
      .default({}),
    sleeve: z
      .strictObject({
        kind: z.enum(SLEEVE_KINDS),
        ...styles,
        hem: z
          .strictObject({
            finish: z.enum(HEM_FINISHES).optional(),
            depth: length("sleeve.hem.depth"),
            ease: length("sleeve.hem.ease"),
            overlap: length("sleeve.hem.overlap"),
            opening: length("sleeve.hem.opening"),
            elasticWidth: length("sleeve.hem.elasticWidth"),
          })
          .optional(),
        method: z.enum(SET_IN_METHODS).optional(),
        capEase: length("sleeve.capEase"),
        backEaseShare: z.number().min(0).max(1).optional(),
        upperArmEase: length("sleeve.upperArmEase"),
        elbowEase: length("sleeve.elbowEase"),
        wristEase: length("sleeve.wristEase"),
        length: length("sleeve.length"),
        hemTurnUp: length("sleeve.hemTurnUp"),
        elbowDart: length("sleeve.elbowDart"),
        cut: z.enum(SLEEVE_CUTS).optional(),
        frontSeamUnder: length("sleeve.frontSeamUnder"),
        backSeamUnder: length("sleeve.backSeamUnder"),
        elbowHollow: length("sleeve.elbowHollow"),
        capHeight: length("sleeve.capHeight"),
        placement: z.enum(PLACEMENTS).optional(),
        curve: z.enum(CAP_CURVES).optional(),
        fullnessChange: z.number().min(FULLNESS_CHANGE.least).max(FULLNESS_CHANGE.most).optional(),
        surplus: z.enum(SURPLUS_WAYS).optional(),
        lowerEase: z
          .strictObject({ front: length("sleeve.lowerEase.front"), back: length("sleeve.lowerEase.back") })
          .optional(),
        capHeightChange: length("sleeve.capHeightChange"),
        capWidthChange: length("sleeve.capWidthChange"),
        notches: z
          .strictObject({ front: length("sleeve.notches.front"), back: length("sleeve.notches.back") })
          .optional(),
      })
      .nullable()
      .default({ kind: "set-in" }),
    collar: z
      .strictObject({ kind: z.enum(COLLAR_KINDS), ...collarFields, ...collarChoices })
      .nullable()
      .default(null),
    notchMark: z.enum(NOTCH_MARKS).optional(),
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
