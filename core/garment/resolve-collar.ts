import { type Body, type Estimate, estimateNeck } from "../body";
import type { FrontEnd, StandSchool } from "../collar";
import { phrase } from "../draft";
import type { CollarSpec } from "./spec";
import type { Chosen, Measured } from "./take-default";

/** A stand collar with every default taken; its neckline comes from the block. Millimetres. */
export type ResolvedCollar = {
  readonly school: StandSchool;
  readonly height: number;
  readonly neck: number;
  readonly ease: number;
  readonly bow: number;
  readonly level: number;
  readonly rise: number;
  readonly beyond: number;
  readonly frontEnd: FrontEnd;
  readonly roundness: number;
};

/** 1 1/2 in of height, a bow of 4 in after 1 in of level: common practice, no source. */
const HEIGHT_MM = 38.1;
const BOW_MM = 101.6;
const LEVEL_MM = 25.4;
/** 10 to 25 mm round the neck (common practice, no source); the middle stands first. */
const EASE_MM = 17.5;
/** 12 to 25 mm, from memory. */
const RISE_MM = 19.05;
/** 3/4 in, from memory. */
const ROUNDNESS_MM = 19.05;

/** Null for a collar that is not drafted yet. */
export function resolveCollar(
  collar: CollarSpec | null,
  body: Body,
  buttonStand: number,
  measured: Measured,
  chosen: Chosen,
): ResolvedCollar | null {
  if (collar?.kind !== "stand") return null;
  const common = "common practice, no source" as const;
  const school = chosen(
    "collar.school",
    collar.school,
    "developed",
    phrase`the one that is solved for the neck`,
    "choice",
  );
  const frontEnd = chosen("collar.frontEnd", collar.frontEnd, "round", phrase`usual`, "choice");
  const isDeveloped = school === "developed";
  const neckEstimate = (): Estimate => estimateNeck(body);
  return {
    school,
    height: chosen("collar.height", collar.height, HEIGHT_MM, phrase`1 to 2 1/2 in; usual`, common),
    neck: measured("body.neck", body.neck, neckEstimate),
    ease: isDeveloped
      ? chosen("collar.ease", collar.ease, EASE_MM, phrase`10 to 25 mm to breathe in`, common)
      : (collar.ease ?? EASE_MM),
    bow:
      school === "bowed"
        ? chosen("collar.bow", collar.bow, BOW_MM, phrase`over the half length`, common)
        : (collar.bow ?? BOW_MM),
    level: LEVEL_MM,
    rise:
      school === "front-rise"
        ? chosen("collar.rise", collar.rise, RISE_MM, phrase`12 to 25 mm`, "from memory")
        : (collar.rise ?? RISE_MM),
    beyond: chosen(
      "collar.beyond",
      collar.beyond,
      buttonStand,
      buttonStand > 0 ? phrase`onto the button stand of the front` : phrase`it ends at the centre front`,
      "geometry",
    ),
    frontEnd,
    roundness:
      frontEnd === "round"
        ? chosen("collar.roundness", collar.roundness, ROUNDNESS_MM, phrase`usual`, "from memory")
        : (collar.roundness ?? ROUNDNESS_MM),
  };
}
