import { type SaxesAttribute, SaxesParser } from "saxes";
import {
  type DrawingUnit,
  drawingOf,
  LIMITS,
  MM_PER_UNIT,
  OUT_OF_BOUNDS,
  OutOfBounds,
  type ReadDrawing,
  refuse,
  shapeCollector,
  TOO_MUCH,
  TooMuch,
} from "../drawing";
import { readFigure, readSize, readViewBox } from "./lengths";
import { pathRuns } from "./path-data";
import { type Attributes, shapeData } from "./shapes";

/** What is in these is not drawn, or only drawn elsewhere. */
const NOT_DRAWN = new Set([
  "defs",
  "clippath",
  "mask",
  "pattern",
  "marker",
  "symbol",
  "metadata",
  "style",
  "lineargradient",
  "radialgradient",
]);
/** Left out with a word: they could do something, or hide something. */
const LEFT_OUT: Readonly<Record<string, string>> = {
  script: "A script in the drawing was left out.",
  foreignobject: "A foreign object in the drawing was left out.",
  use: "A linked copy in the drawing was left out: break its link in the drawing program if it is an edge you need.",
  image: "A picture in the drawing was left out: trace it as a photograph instead.",
  text: "Writing in the drawing was left out.",
};

/** A piece of curve has six figures; so many letters for each, or the path has more pieces than are taken. */
const LONGEST_SEGMENT = 60;

class NoUnit extends Error {}
class Unsafe extends Error {}
class NotSvg extends Error {}

/**
 * The lines of an SVG drawing at true scale. Only geometry is taken: scripts, links, styles and pictures never leave this
 * function. A drawing that says no unit is refused with `no-unit`, unless `assumed` says which to take.
 */
export function readSvg(text: string, assumed: DrawingUnit | null = null): ReadDrawing {
  const collector = shapeCollector();
  const notes = new Set<string>();
  try {
    walk(text, assumed, collector.add, (note) => notes.add(note));
  } catch (error) {
    if (error instanceof TooMuch) return TOO_MUCH;
    if (error instanceof OutOfBounds) return OUT_OF_BOUNDS;
    if (error instanceof NoUnit)
      return refuse(
        "no-unit",
        "The drawing does not say in which unit it is drawn. Choose it, and check a length you know.",
      );
    if (error instanceof Unsafe)
      return refuse(
        "unsafe",
        "The drawing declares entities of its own, which can be made to fill a memory. Save it again as plain SVG.",
      );
    if (error instanceof NotSvg) return refuse("not-a-drawing", "This is not an SVG drawing.");
    return refuse("not-a-drawing", `The drawing is broken and cannot be read: ${plainReason(error)}`);
  }
  return drawingOf(collector.shapes, [...notes]);
}

type Level = { readonly transforms: readonly string[]; readonly isDrawn: boolean; readonly name: string | null };

function walk(
  text: string,
  assumed: DrawingUnit | null,
  add: ReturnType<typeof shapeCollector>["add"],
  note: (sentence: string) => void,
): void {
  const parser = new SaxesParser();
  const levels: Level[] = [];
  parser.on("error", (error) => {
    throw error;
  });
  parser.on("doctype", (declared) => {
    if (declared.includes("[") || /<!/.test(declared)) throw new Unsafe();
  });
  parser.on("opentag", (tag) => {
    const attributes = attributesOf(tag.attributes);
    const element = tag.name.replace(/^.*:/, "").toLowerCase();
    const above = levels.at(-1);
    if (!above && element !== "svg") throw new NotSvg();
    if (levels.length >= LIMITS.depth) throw new TooMuch();
    const warning = LEFT_OUT[element];
    if (warning && (above?.isDrawn ?? true)) note(warning);
    const isDrawn =
      (above?.isDrawn ?? true) && !warning && !NOT_DRAWN.has(element) && !isHidden(attributes) && element !== "switch";
    if ((attributes.transform?.length ?? 0) > LIMITS.transform) throw new TooMuch();
    const own = attributes.transform ? [attributes.transform] : [];
    const frame = element === "svg" ? frameTransforms(attributes, above === undefined, assumed) : [];
    const level: Level = {
      transforms: [...frame, ...own, ...(above?.transforms ?? [])],
      isDrawn,
      name: attributes["inkscape:label"] ?? attributes.id ?? above?.name ?? null,
    };
    levels.push(level);
    if (isDrawn) addShape(element, attributes, level, add, note);
  });
  parser.on("closetag", () => {
    levels.pop();
  });
  parser.write(text).close();
}

function addShape(
  element: string,
  attributes: Attributes,
  level: Level,
  add: ReturnType<typeof shapeCollector>["add"],
  note: (sentence: string) => void,
): void {
  const data = shapeData(element, attributes);
  if (data === null) return;
  if (data.length > LIMITS.segments * LONGEST_SEGMENT) throw new TooMuch();
  const runs = pathRuns(data, level.transforms);
  if (runs === null) note("A path that cannot be read was left out.");
  for (const run of runs ?? []) add(level.name, run.path, run.isClosed);
}

function attributesOf(given: Readonly<Record<string, string | SaxesAttribute>>): Attributes {
  const entries = Object.entries(given);
  if (entries.length > LIMITS.attributes) throw new TooMuch();
  return Object.fromEntries(entries.map(([name, value]) => [name, String(value)]));
}

function isHidden({ display, visibility, style }: Attributes): boolean {
  return (
    display === "none" || visibility === "hidden" || /(?:display\s*:\s*none|visibility\s*:\s*hidden)/.test(style ?? "")
  );
}

/** From the coordinates inside an `svg` element to those around it; for the outermost, to millimetres. Innermost first. */
function frameTransforms(attributes: Attributes, isOutermost: boolean, assumed: DrawingUnit | null): readonly string[] {
  const box = readViewBox(attributes.viewBox);
  const [width, height] = [readSize(attributes.width), readSize(attributes.height)];
  const toBox = box ? [`translate(${-box.x} ${-box.y})`] : [];
  if (!isOutermost) {
    const scale = box && width && height ? Math.min(width.value / box.width, height.value / box.height) : 1;
    const at = [readFigure(attributes.x, 0) ?? 0, readFigure(attributes.y, 0) ?? 0];
    return [...toBox, `scale(${scale})`, `translate(${at[0]} ${at[1]})`];
  }
  return [...toBox, `scale(${mmPerUserUnit(box, width, height, assumed)})`];
}

function mmPerUserUnit(
  box: ReturnType<typeof readViewBox>,
  width: ReturnType<typeof readSize>,
  height: ReturnType<typeof readSize>,
  assumed: DrawingUnit | null,
): number {
  if (assumed !== null) return MM_PER_UNIT[assumed];
  const known = [
    width && width.mmPer !== null ? { mm: width.value * width.mmPer, units: box?.width, unit: width.mmPer } : null,
    height && height.mmPer !== null
      ? { mm: height.value * height.mmPer, units: box?.height, unit: height.mmPer }
      : null,
  ].filter((one) => one !== null);
  if (known.length === 0) throw new NoUnit();
  // Without a view box a user unit is a pixel, whatever unit the size is written in.
  return Math.min(...known.map(({ mm, units }) => (units === undefined ? MM_PER_UNIT.px : mm / units)));
}

/** The parser's own words without its line number and stray markup. */
function plainReason(error: unknown): string {
  const words = error instanceof Error ? error.message : String(error);
  return `${words
    .replace(/^\d+:\d+:\s*/, "")
    .replace(/[<>&]/g, "")
    .slice(0, 120)}.`;
}
