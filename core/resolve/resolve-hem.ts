import { limbAt, type SleeveBody } from "../body";
import { length, type Phrase, phrase, type Source } from "../draft";
import { type HemChoices, type HemFinish, USUAL_OPENING_MM } from "../sleeve/finish";
import type { SleeveSpec } from "../spec";
import type { TakeDefault } from "./take-default";

/** 2 1/2 in, 1 in, 1 in, 1 in and 1/2 in, from memory; an opening 60 to 90 mm long is common practice. */
const HEM_MM = {
  cuff: 63.5,
  band: 25.4,
  ease: 25.4,
  overlap: 25.4,
  opening: USUAL_OPENING_MM,
  elasticWidth: 12.7,
} as const;

/** A hand passes a closed cuff with so much to spare. From memory. */
const HAND_PASSES_MM = 6;

/** Over the limb where it is worn; what does not open lets the hand through. */
function usualHemEase(isClosed: boolean, { hand }: SleeveBody, limb: number) {
  const passing = isClosed && hand !== undefined ? hand + HAND_PASSES_MM - limb : 0;
  return passing > HEM_MM.ease
    ? { value: passing, rule: phrase`so that the hand, ${length(hand ?? 0)}, passes` }
    : { value: HEM_MM.ease, rule: phrase`over the limb` };
}

/** How the hem is finished, every default taken. */
export function resolveHem(
  { hem = {} }: SleeveSpec,
  usual: HemFinish,
  body: SleeveBody,
  /** How far below the shoulder point it ends. */
  endsBelow: number,
  takeDefault: TakeDefault,
): HemChoices {
  const finish = hem.finish ?? usual;
  const isClosed = finish === "band" || (finish === "cuff" && hem.opening === 0);
  const ease = usualHemEase(isClosed, body, limbAt(endsBelow, 0, body));
  const isSewnOn = finish === "cuff" || finish === "band";
  const pick = (
    isAsked: boolean,
    name: Exclude<keyof HemChoices, "finish" | "girth" | "elasticLess">,
    value: number,
    rule: Phrase,
    source: Source,
  ) => (isAsked ? takeDefault(`sleeve.hem.${name}`, hem[name], value, rule, source) : (hem[name] ?? value));
  const isCuff = finish === "cuff";
  return {
    finish:
      usual === "plain"
        ? finish
        : takeDefault("sleeve.hem.finish", hem.finish, usual, phrase`usual for this sleeve`, "choice"),
    depth: pick(isSewnOn, "depth", isCuff ? HEM_MM.cuff : HEM_MM.band, phrase`usual`, "from memory"),
    ease: pick(isSewnOn, "ease", ease.value, ease.rule, "from memory"),
    overlap: pick(isCuff, "overlap", HEM_MM.overlap, phrase`for a button`, "from memory"),
    opening: pick(isCuff, "opening", HEM_MM.opening, phrase`60 to 90 mm`, "common practice, no source"),
    girth: hem.girth ?? null,
    elasticLess: hem.elasticLess ?? 0,
    elasticWidth: pick(finish === "elastic", "elasticWidth", HEM_MM.elasticWidth, phrase`usual`, "from memory"),
  };
}
