import { SIDES } from "../../block";
import { type Figure, length, phrase, point, type StepRecord } from "../../draft";
import { line, mapPath, pathLength, startOf } from "../../geometry";
import type { Piece } from "../../pattern";
import { edgeLines } from "../../pattern";
import { elasticRound } from "../finish";
import type { BodiceBase, TopEdge } from "../style";
import type { OffShoulderDraft, OffShoulderLengths } from "./off-shoulder-draft";
import { besideSleeve } from "./raglan-pieces";

export function acrossStep(
  { raglan, body, sleeve, casing }: OffShoulderDraft,
  { elasticWidth, spread }: OffShoulderLengths,
): StepRecord {
  const places = besideSleeve(raglan);
  const level = body.front.top.y;
  return {
    text: phrase`Cut everything away above a line ${length(level)} below the side neck point: on front and back square to the centre, to ${point("21")} and ${point("31")}. From the underarm to there measure ${length(pathLength(body.front.seam))} at the front and ${length(pathLength(body.back.seam))} at the back; on the sleeve mark ${point("22")} and ${point("32")} as far up, and rule across. Slash the sleeve down its middle and spread it by ${length(spread)}. Add a casing ${length(casing)} deep above the line for elastic ${length(elasticWidth)} wide, its ends mirrored from the seams below it.`,
    points: SIDES.flatMap((side) => [
      { letter: side === "front" ? "21" : "31", name: `${side} upper edge`, at: places[side](body[side].top) },
      { letter: side === "front" ? "22" : "32", name: `${side} end of the sleeve’s upper edge`, at: sleeve[side].top },
    ]),
    lines: [
      { id: "topFold", path: line(sleeve.back.top, sleeve.front.top), kind: "guide" },
      ...SIDES.map((side) => ({
        id: `topFold.${side}`,
        path: mapPath(line(startOf(body[side].centre), body[side].top), places[side]),
        kind: "guide" as const,
      })),
    ],
  };
}

export function tracingStep({ raglan }: OffShoulderDraft, pieces: readonly Piece[]): StepRecord {
  return {
    text: phrase`Trace off the sleeve, the front and the back, each with its casing.`,
    lines: pieces.flatMap((piece) => edgeLines(piece)),
    tapeCheck: phrase`The armhole was lowered for this sleeve to ${length(raglan.front.half.armhole.length)} at the front.`,
  };
}

export function lengthStep(
  { turnUp }: BodiceBase,
  { raglan, casing, topLevel }: OffShoulderDraft,
  { fall }: OffShoulderLengths,
): StepRecord {
  const sleeve = raglan.task.lengths.length - topLevel - fall;
  const whole = sleeve + fall + turnUp + casing;
  const figure: Figure = {
    id: "sleeve.cutLength",
    label: "Length as it is cut, with its casings",
    value: whole,
    kind: "length",
    formula: phrase`sleeve ${length(sleeve)} + puff ${length(fall)} + hem ${length(turnUp)} + upper casing ${length(casing)}`,
    rule: "Length with what is turned in",
    source: "common practice, no source",
  };
  return {
    text: phrase`From the upper edge to the hem the sleeve is ${length(sleeve)} long when it is worn and ${length(fall)} more for the puff; with its casings it is cut ${length(whole)} long.`,
    figures: [figure],
  };
}

export function elasticStep(
  { body }: BodiceBase,
  { edge: whole, girth, elastic }: TopEdge,
  { elasticWidth }: OffShoulderLengths,
): StepRecord {
  const atShoulders: Figure = {
    id: "elastic.shoulders",
    label: "Length of the upper elastic",
    value: elastic,
    kind: "length",
    formula: phrase`round both arms ${length(girth)} − ${length(girth - elastic)}`,
    rule: "Elastic round the shoulders",
    source: "common practice, no source",
  };
  const ratio: Figure = {
    id: "sleeve.gatherRatio.top",
    label: "Gathers at the upper edge",
    value: whole / elastic,
    kind: "ratio",
    formula: phrase`upper edge ${length(whole)} ÷ elastic ${length(elastic)}`,
    rule: "Measured on the draft",
    source: "geometry",
  };
  const waist: readonly Figure[] =
    body.waist === undefined
      ? []
      : [
          {
            id: "elastic.waist",
            label: "Length of an elastic at the waist",
            value: elasticRound("waist", body.waist),
            kind: "length",
            formula: phrase`waist ${length(body.waist)} − ${length(body.waist - elasticRound("waist", body.waist))}`,
            rule: "Elastic at the waist",
            source: "common practice, no source",
          },
        ];
  const drawn = waist[0]
    ? phrase` For a top that is drawn in at the waist too, take ${length(waist[0].value)} there.`
    : [];
  return {
    text: phrase`The upper edge is ${length(whole)} round. Draw ${length(elastic)} of elastic ${length(elasticWidth)} wide through its casing, try it on, and join it.${drawn} Elastic that leaves a mark is too tight; on children’s wear use no drawn cords at neck or arm, and follow the local rules.`,
    figures: [atShoulders, ratio, ...waist],
  };
}
