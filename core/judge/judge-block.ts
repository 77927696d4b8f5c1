import type { BlockChoices, BlockMeasures, BlockObstacle, Contradiction, ReadingOffsets, ReadingPath } from "../block";
import { length, type Phrase, phrase } from "../draft";
import type { SpecChange } from "../spec";
import type { Finding, Remedy } from "./finding";

const READING_NAMES: Readonly<Record<ReadingPath, string>> = {
  "armhole.front": "front armhole",
  "armhole.back": "back armhole",
  "armhole.depth": "armhole depth",
  "shoulder.length": "shoulder length",
  "shoulder.slope": "shoulder slope",
  "neckline.width": "neck width",
  "neckline.frontDepth": "front neck depth",
  "neckline.backDepth": "back neck depth",
  "neckline.frontLength": "front neckline",
  "neckline.backLength": "back neckline",
};

const REASONS: Readonly<Record<Contradiction["about"], string>> = {
  "armhole.front":
    "No armhole curve honours both, so one of the two was read wrong: measure the curve with the tape on its edge, and the depth straight down from the shoulder point.",
  "armhole.back":
    "No armhole curve honours both, so one of the two was read wrong: measure the curve with the tape on its edge, and the depth straight down from the shoulder point.",
  "neckline.front":
    "A curve is longer than the straight way between its ends and shorter than the way round the corner; measure it with the tape on its edge.",
  "neckline.back":
    "A curve is longer than the straight way between its ends and shorter than the way round the corner; measure it with the tape on its edge.",
  neckline:
    "Front and back are joined at one side neck point, so both lie on one neck width; these two ask for different ones.",
  shoulder: "A shoulder seam that falls so steeply stands on end.",
  crossing: "The armhole's hollow would come over the neckline or the centre line, and no bodice is left between them.",
};

/** A finding for readings that contradict each other, told and mended in the figures as they were read. */
export function judgeContradiction(c: Contradiction, offsets: ReadingOffsets): Finding {
  const [first, ...others] = c.readings.map(({ path, value }) => ({ path, value: value - offsets[path] }));
  if (!first) throw new Error("judgeContradiction: a contradiction without a reading");
  const offset = offsets[first.path];
  const [least, most] = [c.range.least - offset, c.range.most - offset];
  const nearest = first.value < least ? least : most;
  const between = others.map(({ path, value }) => phrase` ${READING_NAMES[path]} ${length(value)}`);
  const withOthers: Phrase = between.flatMap((words, i) => (i === 0 ? words : [" and", ...words]));
  const can: Phrase = Number.isFinite(most)
    ? phrase`it can measure from ${length(Math.max(0, least))} to ${length(most)}`
    : phrase`it has to measure at least ${length(least)}`;
  return {
    code: c.about.startsWith("armhole")
      ? "armhole-contradiction"
      : c.about === "shoulder"
        ? "shoulder-contradiction"
        : c.about === "crossing"
          ? "armhole-over-neck"
          : "neckline-contradiction",
    severity: "fault",
    station: "block",
    message: phrase`The ${READING_NAMES[first.path]} reads ${length(first.value)}, but${others.length > 0 ? phrase` with the${withOthers}` : []} ${can}: it is ${length(Math.abs(first.value - nearest))} out.`,
    reason: [REASONS[c.about]],
    numbers: {
      reading: first.value,
      least,
      ...(Number.isFinite(most) ? { most } : {}),
      ...Object.fromEntries(others.map(({ path, value }) => [path, value])),
    },
    remedies: c.ways.map(({ path, to }): Remedy => {
      const value = to - offsets[path];
      return {
        id: `take-${path.replace(".", "-")}`,
        label: phrase`Take the ${READING_NAMES[path]} as ${length(value)}`,
        change: { block: readingChange(path, value) },
      };
    }),
  };
}

function readingChange(path: ReadingPath, value: number): NonNullable<SpecChange["block"]> {
  const [part = "", name = ""] = path.split(".");
  return { [part]: { [name]: value } };
}

/** An allowance that is larger than what was read inside it. */
export function judgeTooMuchAllowance(
  { path, value }: { readonly path: ReadingPath; readonly value: number },
  offsets: ReadingOffsets,
): readonly Finding[] {
  const read = value - offsets[path];
  return [
    {
      code: "allowance-over-reading",
      severity: "fault",
      station: "block",
      message: phrase`The ${READING_NAMES[path]} reads ${length(read)}, and the allowance in it would take off ${length(-offsets[path])}: nothing is left.`,
      reason: phrase`Either the reading was already taken on the stitching line, or the allowance was typed too large.`,
      numbers: { reading: read, allowance: -offsets[path] },
      remedies: [
        {
          id: "no-allowance",
          label: phrase`Take the readings as they are, without an allowance`,
          change: { block: { includesSeamAllowance: 0 } },
        },
      ],
    },
  ];
}

/** Why these body figures give no bodice by these rules, with the nearest change that does. */
export function judgeObstacle({ code, is, bound }: BlockObstacle, body: BlockMeasures, choices: BlockChoices): Finding {
  const by = Math.ceil(bound - is);
  const told = OBSTACLES[code](is, bound);
  return {
    code,
    severity: "fault",
    station: "block",
    ...told,
    numbers: { is, bound },
    remedies: [obstacleRemedy(code, by, body, choices)],
  };
}

const OBSTACLES: Readonly<
  Record<BlockObstacle["code"], (is: number, bound: number) => { readonly message: Phrase; readonly reason: Phrase }>
> = {
  "neck-beyond-shoulder": (is, bound) => ({
    message: phrase`The half shoulder is ${length(is)}; with this neck it has to be at least ${length(bound)}.`,
    reason: phrase`Nothing would be left for a shoulder seam. Across shoulders may have been read too small, or the neck too large.`,
  }),
  "shoulder-beyond-chest": (is, bound) => ({
    message: phrase`The chest quarter is ${length(is)}; for this shoulder it has to be at least ${length(bound)}.`,
    reason: phrase`The underarm would lie inside the shoulder point, and the armhole would turn the wrong way.`,
  }),
  "armhole-too-shallow": (is, bound) => ({
    message: phrase`The chest line lies ${length(is)} below the shoulder line; it has to be at least ${length(bound)}.`,
    reason: phrase`No armhole fits between shoulder and chest line.`,
  }),
  "waist-above-chest": (is, bound) => ({
    message: phrase`The waist lies ${length(is)} below the shoulder line, and the chest line reaches so far down that it has to be at least ${length(bound)}.`,
    reason: phrase`Nape to waist may have been read too short.`,
  }),
  "hip-above-waist": (is, bound) => ({
    message: phrase`The hip lies ${length(is)} below the shoulder line; with this waist it has to be at least ${length(bound)}.`,
    reason: phrase`The side seam runs from the waist down to the hip.`,
  }),
  "hem-above-chest": (is, bound) => ({
    message: phrase`The bodice ends ${length(is)} below the shoulder line; with this armhole it has to be at least ${length(bound)}.`,
    reason: phrase`Above the chest line there is no side seam.`,
  }),
  "dart-outside": () => ({
    message: phrase`More of the waist dart is to lie towards the centre than the whole dart is wide.`,
    reason: phrase`Both legs would lie on one side of its middle.`,
  }),
  "neck-below-hem": (is, bound) => ({
    message: phrase`The bodice ends ${length(is)} below the shoulder line; with this neck it has to be at least ${length(bound)}.`,
    reason: phrase`The neckline would run out of the hem.`,
  }),
};

function obstacleRemedy(code: BlockObstacle["code"], by: number, body: BlockMeasures, choices: BlockChoices): Remedy {
  switch (code) {
    case "neck-beyond-shoulder":
      return {
        id: "widen-shoulder",
        label: phrase`Make the half shoulder ${length(by)} wider`,
        change: { block: { shoulderEase: choices.shoulderEase + by } },
      };
    case "shoulder-beyond-chest":
      return {
        id: "more-chest-ease",
        label: phrase`Give each quarter ${length(by)} more ease at the chest`,
        change: { block: { chestEase: choices.chestEase + by } },
      };
    case "armhole-too-shallow":
      return {
        id: "deepen-armhole",
        label: phrase`Take the armscye girth as ${length(body.armholeGirth + 2 * by)} and half of it for the depth`,
        change: {
          body: { armholeGirth: body.armholeGirth + 2 * by },
          block: { armholeRule: "half-armscye", chestLevel: undefined },
        },
      };
    case "waist-above-chest":
      return {
        id: "lower-waist",
        label: phrase`Take nape to waist as ${length(body.backLength + by)}`,
        change: {
          body: { backLength: body.backLength + by },
          block: { waistLevel: undefined, hipLevel: undefined },
        },
      };
    case "hip-above-waist":
      return { id: "usual-hip", label: phrase`Take the usual hip level`, change: { block: { hipLevel: undefined } } };
    case "hem-above-chest":
      return {
        id: "longer-bodice",
        label: phrase`Make it ${length(by)} longer`,
        change: { block: { length: (choices.typed.length ?? 0) + by } },
      };
    case "dart-outside":
      return {
        id: "even-dart",
        label: phrase`Share the dart evenly`,
        change: { block: { dartInner: undefined } },
      };
    case "neck-below-hem":
      return {
        id: "round-neck",
        label: phrase`Draw a round neck on a bodice to the hip`,
        change: { block: { neckShape: "round", bodyLength: "hip", frontNeckDepth: undefined, length: undefined } },
      };
  }
}
