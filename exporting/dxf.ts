import type { Point } from "@core/geometry/index";
import { DxfWriter, point3d, Units } from "@tarikjabiri/dxf";
import { splineOf } from "./dxf-spline";
import type { LineStyle, TextMark } from "./mark";
import type { PatternSheet } from "./pattern-sheet";
import { chordsOf, strokesOf, textsOf } from "./strokes";

/** A layer for each thing that a cutter or a drawing program switches by itself; colour numbers of the format. */
const LAYERS: Readonly<Record<LineStyle | "text", { readonly name: string; readonly colour: number }>> = {
  cutting: { name: "CUTTING", colour: 7 },
  stitching: { name: "STITCHING", colour: 5 },
  sewn: { name: "STITCHING", colour: 5 },
  fold: { name: "FOLD", colour: 6 },
  notch: { name: "NOTCH", colour: 1 },
  grain: { name: "GRAIN", colour: 3 },
  level: { name: "LEVELS", colour: 8 },
  text: { name: "TEXT", colour: 8 },
};

/** Chords of the polylines leave their curves by no more. */
const CHORD_MM = 0.01;

/**
 * The sheet as DXF of release 12, which every reader knows: polylines in millimetres, y up, a layer for each kind of line. Curves are chords
 * within 0.01 mm.
 */
export function writeDxfR12(sheet: PatternSheet): string {
  const layers = [...new Map(Object.values(LAYERS).map((layer) => [layer.name, layer])).values()];
  const groups: (readonly [code: number, value: string | number])[] = [
    [0, "SECTION"],
    [2, "HEADER"],
    [9, "$ACADVER"],
    [1, "AC1009"],
    [9, "$EXTMIN"],
    ...pair({ x: 0, y: -sheet.height }),
    [9, "$EXTMAX"],
    ...pair({ x: sheet.width, y: 0 }),
    [0, "ENDSEC"],
    [0, "SECTION"],
    [2, "TABLES"],
    [0, "TABLE"],
    [2, "LAYER"],
    [70, layers.length],
    ...layers.flatMap(
      ({ name, colour }) =>
        [
          [0, "LAYER"],
          [2, name],
          [70, 0],
          [62, colour],
          [6, "CONTINUOUS"],
        ] as const,
    ),
    [0, "ENDTAB"],
    [0, "ENDSEC"],
    [0, "SECTION"],
    [2, "ENTITIES"],
    ...strokesOf(sheet).flatMap(({ style, isClosed, path }) => {
      const points = chordsOf(path, CHORD_MM);
      const corners = isClosed ? points.slice(0, -1) : points;
      const layer = LAYERS[style].name;
      return [
        [0, "POLYLINE"],
        [8, layer],
        [66, 1],
        ...pair({ x: 0, y: 0 }),
        [70, isClosed ? 1 : 0],
        ...corners.flatMap((p) => [[0, "VERTEX"], [8, layer], ...pair(up(p))] as const),
        [0, "SEQEND"],
        [8, layer],
      ] as const;
    }),
    ...textsOf(sheet).flatMap(textGroups),
    [0, "ENDSEC"],
    [0, "EOF"],
  ];
  return `${groups.map(([code, value]) => `${code}\n${typeof value === "number" ? plain(value) : value}`).join("\n")}\n`;
}

const up = ({ x, y }: Point): Point => ({ x, y: -y });
const pair = ({ x, y }: Point) =>
  [
    [10, x],
    [20, y],
  ] as const;
const plain = (value: number) => String(Number(value.toFixed(5)));

function textGroups(text: TextMark) {
  const from = up(text.at);
  const isMiddle = text.anchor === "middle";
  return [
    [0, "TEXT"],
    [8, LAYERS.text.name],
    ...pair(from),
    [40, text.size],
    [1, ascii(text.text)],
    [50, -text.turn],
    ...(isMiddle
      ? ([
          [72, 1],
          [11, from.x],
          [21, from.y],
        ] as const)
      : []),
  ] as const;
}

/** Release 12 knows no letters but those of ASCII: others as the numbers that readers of the format show again. */
function ascii(text: string): string {
  return Array.from(text.replace(/[\r\n]/g, " "))
    .map((letter) => {
      const code = letter.codePointAt(0) ?? 63;
      return code < 128 ? letter : code <= 0xffff ? `\\U+${code.toString(16).toUpperCase().padStart(4, "0")}` : "?";
    })
    .join("");
}

/** The same for newer readers: each line one spline of degree 3, exactly as it is drafted. */
export function writeDxfSplines(sheet: PatternSheet): string {
  const writer = new DxfWriter();
  writer.setUnits(Units.Millimeters);
  for (const { name, colour } of new Map(Object.values(LAYERS).map((layer) => [layer.name, layer])).values())
    writer.addLayer(name, colour, "CONTINUOUS");
  for (const { style, path } of strokesOf(sheet)) {
    writer.setCurrentLayerName(LAYERS[style].name);
    writer.addSpline(splineOf(path));
  }
  writer.setCurrentLayerName(LAYERS.text.name);
  for (const { at: p, size, text, turn } of textsOf(sheet))
    writer.addText(point3d(p.x, -p.y, 0), size, ascii(text), { rotation: -turn });
  return writer.stringify();
}
