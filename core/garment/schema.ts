import * as z from "zod/mini";
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
import { type Field, LENGTH_FIELDS, labelOf } from "./fields";
import { readLength } from "./read-length";
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
const EDGE = z.string().check(
  z.maxLength(LONGEST_PATH, "the path is too long"),
  z.refine((data) => readPathData(data) !== null, {
    error: "path data has to be one run of absolute M, L and C in millimetres, within 10 m",
  }),
);
const OUTLINE_HALF = z.strictObject({
  armhole: EDGE,
  neckline: z.optional(EDGE),
  shoulder: z.optional(EDGE),
  grain: z.optional(EDGE),
});

/** An optional length of the garment file, in millimetres once read. */
function lengthField(unit: TapeUnit, field: Field) {
  return z.optional(
    z.pipe(
      z.unknown(),
      z.transform((written, context): number => {
        const read = readLength(written, unit, field);
        if (read.ok) return read.mm;
        context.issues.push({ code: "custom", message: read.problem.message, params: read.problem, input: written });
        return z.NEVER;
      }),
    ),
  );
}

/** The open garment file with its lengths in `unit`; reading it gives millimetres. */
function garmentSchema(unit: TapeUnit) {
  const length = (path: string) => {
    const field = LENGTH_FIELDS[path];
    if (!field) throw new Error(`garmentSchema: no field "${path}"`);
    return lengthField(unit, field);
  };
  const range = (path: string) =>
    z.pipe(
      z.strictObject({ least: length(`${path}.least`), most: length(`${path}.most`) }),
      z.transform(({ least, most }, context) => {
        if (least !== undefined && most !== undefined && least <= most) return { least, most };
        const message = `${labelOf(path)}: it needs a least and a most, and the least may not be more than the most.`;
        context.issues.push({
          code: "custom",
          message,
          params: { code: "out-of-bounds", message, bounds: null },
          input: { least, most },
        });
        return z.NEVER;
      }),
    );
  const body = Object.fromEntries(MEASURE_IDS.map((id) => [id, length(`body.${id}`)])) as Record<
    MeasureId,
    ReturnType<typeof lengthField>
  >;
  const styles = Object.fromEntries(
    STYLE_KINDS.map((kind) => {
      const fields = Object.keys(STYLES[kind].fields).map((name) => [name, length(`sleeve.${kind}.${name}`)]);
      return [
        kind,
        z.optional(z.strictObject(Object.fromEntries(fields) as Record<string, ReturnType<typeof length>>)),
      ];
    }),
  ) as Record<StyleKind, z.ZodMiniOptional<z.ZodMiniObject<Record<string, ReturnType<typeof length>>, z.core.$strict>>>;
  const collarFields = Object.fromEntries(
    COLLAR_FIELD_NAMES.map((name) => {
      const { bounds, isAngle } = COLLAR_FIELDS[name];
      return [
        name,
        isAngle ? z.optional(z.number().check(z.gte(bounds.least), z.lte(bounds.most))) : length(`collar.${name}`),
      ];
    }),
  ) as Record<CollarFieldName, ReturnType<typeof length>>;
  const collarChoices = Object.fromEntries(
    COLLAR_CHOICE_NAMES.map((name) => [name, z.optional(z.enum(optionsOf(name)))]),
  ) as unknown as { readonly [Name in CollarChoiceName]: z.ZodMiniOptional<z.ZodMiniType<CollarChoiceOf<Name>>> };
  const alterations = z.optional(
    z
      .array(z.strictObject({ kind: z.enum(ALTERATION_KINDS), by: z._default(length("block.alterations.*.by"), 0) }))
      .check(z.maxLength(MOST_ALTERATIONS)),
  );
  return z.strictObject({
    format: z.literal(GARMENT_FORMAT),
    unit: z.enum(TAPE_UNITS),
    name: z._default(z.string().check(z.overwrite(storable), z.trim(), z.maxLength(LONGEST_NAME)), "Untitled garment"),
    body: z._default(z.strictObject(body), {}),
    block: z._default(
      z.discriminatedUnion("source", [
        z.strictObject({
          source: z.literal("readings"),
          armhole: z._default(
            z.strictObject({
              front: length("block.armhole.front"),
              back: length("block.armhole.back"),
              girth: length("block.armhole.girth"),
              depth: length("block.armhole.depth"),
            }),
            {},
          ),
          shoulder: z.optional(
            z.strictObject({ length: length("block.shoulder.length"), slope: length("block.shoulder.slope") }),
          ),
          neckline: z.optional(
            z.strictObject({
              width: length("block.neckline.width"),
              frontDepth: length("block.neckline.frontDepth"),
              backDepth: length("block.neckline.backDepth"),
              frontLength: length("block.neckline.frontLength"),
              backLength: length("block.neckline.backLength"),
            }),
          ),
          includesSeamAllowance: length("block.includesSeamAllowance"),
          leaveOut: z.optional(
            z.strictObject({
              centreBack: length("block.leaveOut.centreBack"),
              centreFront: length("block.leaveOut.centreFront"),
            }),
          ),
          alterations,
        }),
        z.strictObject({
          source: z.literal("drafted"),
          style: z.optional(z.enum(BLOCK_STYLES)),
          neckRule: z.optional(z.enum(NECK_RULES)),
          neckShape: z.optional(z.enum(NECK_SHAPES)),
          armholeRule: z.optional(z.enum(ARMHOLE_RULES)),
          shoulderEase: length("block.shoulderEase"),
          backSlope: length("block.backSlope"),
          frontSlope: length("block.frontSlope"),
          shoulderExtension: length("block.shoulderExtension"),
          chestEase: length("block.chestEase"),
          waistEase: length("block.waistEase"),
          hipEase: length("block.hipEase"),
          shaping: z.optional(z.enum(SHAPINGS)),
          dartIntake: length("block.dartIntake"),
          shoulderDartIntake: length("block.shoulderDartIntake"),
          centreBackShaping: length("block.centreBackShaping"),
          buttonStand: length("block.buttonStand"),
          gathers: z.optional(z.enum(GATHERS)),
          bodyLength: z.optional(z.enum(BODY_LENGTHS)),
          alterations,
        }),
        z.strictObject({
          source: z.literal("outline"),
          from: z.optional(z.enum(["drawing", "photograph"])),
          error: length("block.error"),
          front: OUTLINE_HALF,
          back: OUTLINE_HALF,
          alterations,
        }),
      ]),
      { source: "readings", armhole: {} },
    ),
    cloth: z._default(
      z.strictObject({
        kind: z.optional(z.enum(CLOTH_KINDS)),
        takes: z.optional(
          z.strictObject({
            capEase: range("cloth.takes.capEase"),
            upperArmEase: range("cloth.takes.upperArmEase"),
            mostEaseShare: z.number().check(z.gte(0), z.lte(MOST_EASE_SHARE)),
          }),
        ),
        width: length("cloth.width"),
      }),
      {},
    ),
    sleeve: z._default(
      z.nullable(
        z.strictObject({
          kind: z.enum(SLEEVE_KINDS),
          ...styles,
          hem: z.optional(
            z.strictObject({
              finish: z.optional(z.enum(HEM_FINISHES)),
              depth: length("sleeve.hem.depth"),
              ease: length("sleeve.hem.ease"),
              overlap: length("sleeve.hem.overlap"),
              opening: length("sleeve.hem.opening"),
              elasticWidth: length("sleeve.hem.elasticWidth"),
            }),
          ),
          method: z.optional(z.enum(SET_IN_METHODS)),
          capEase: length("sleeve.capEase"),
          backEaseShare: z.optional(z.number().check(z.gte(0), z.lte(1))),
          upperArmEase: length("sleeve.upperArmEase"),
          elbowEase: length("sleeve.elbowEase"),
          wristEase: length("sleeve.wristEase"),
          length: length("sleeve.length"),
          hemTurnUp: length("sleeve.hemTurnUp"),
          elbowDart: length("sleeve.elbowDart"),
          cut: z.optional(z.enum(SLEEVE_CUTS)),
          frontSeamUnder: length("sleeve.frontSeamUnder"),
          backSeamUnder: length("sleeve.backSeamUnder"),
          elbowHollow: length("sleeve.elbowHollow"),
          capHeight: length("sleeve.capHeight"),
          placement: z.optional(z.enum(PLACEMENTS)),
          curve: z.optional(z.enum(CAP_CURVES)),
          fullnessChange: z.optional(z.number().check(z.gte(FULLNESS_CHANGE.least), z.lte(FULLNESS_CHANGE.most))),
          surplus: z.optional(z.enum(SURPLUS_WAYS)),
          lowerEase: z.optional(
            z.strictObject({ front: length("sleeve.lowerEase.front"), back: length("sleeve.lowerEase.back") }),
          ),
          capHeightChange: length("sleeve.capHeightChange"),
          capWidthChange: length("sleeve.capWidthChange"),
          notches: z.optional(
            z.strictObject({ front: length("sleeve.notches.front"), back: length("sleeve.notches.back") }),
          ),
        }),
      ),
      { kind: "set-in" },
    ),
    collar: z._default(
      z.nullable(z.strictObject({ kind: z.enum(COLLAR_KINDS), ...collarFields, ...collarChoices })),
      null,
    ),
    notchMark: z.optional(z.enum(NOTCH_MARKS)),
    allowances: z._default(
      z.strictObject({
        general: length("allowances.general"),
        neckline: length("allowances.neckline"),
        hem: length("allowances.hem"),
      }),
      {},
    ),
  });
}

export const GARMENT_SCHEMAS = {
  in: garmentSchema("in"),
  cm: garmentSchema("cm"),
  mm: garmentSchema("mm"),
} as const satisfies Record<TapeUnit, unknown>;
