import { mapPath, type Path, type Point } from "@core/geometry/index";
import DxfParser, { type IDxf, type IEntity, type IInsertEntity } from "dxf-parser";
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
import { entityShape, knownEntity } from "./entities";

/** Millimetres in one of the units a DXF header can name ($INSUNITS). */
const MM_PER_INSUNIT: Readonly<Record<number, number>> = {
  1: 25.4,
  2: 304.8,
  4: 1,
  5: 10,
  6: 1000,
  8: 25.4e-6,
  9: 0.0254,
  10: 914.4,
  14: 100,
};

/** Blocks inside blocks: a pattern has one or two. */
const DEEPEST_INSERT = 8;
const MOST_ENTITIES = 50_000;
const BINARY = "AutoCAD Binary DXF";

type Move = (p: Point) => Point;

/**
 * The lines of a DXF drawing at true scale, y turned down. Blocks are expanded within limits. A drawing that says no unit is
 * refused with `no-unit`, unless `assumed` says which to take.
 */
export function readDxf(text: string, assumed: DrawingUnit | null = null): ReadDrawing {
  if (text.startsWith(BINARY))
    return refuse("not-a-drawing", "This is a binary DXF. Save it as ASCII DXF (text) and open it again.");
  let parsed: IDxf | null;
  try {
    parsed = new DxfParser().parseSync(text);
  } catch {
    parsed = null;
  }
  if (!parsed || !Array.isArray(parsed.entities))
    return refuse("not-a-drawing", "This is not a DXF drawing, or it is broken and cannot be read.");
  const insunits = parsed.header?.$INSUNITS;
  const mmPer = assumed ? MM_PER_UNIT[assumed] : typeof insunits === "number" ? MM_PER_INSUNIT[insunits] : undefined;
  if (mmPer === undefined)
    return refuse(
      "no-unit",
      "The drawing does not say in which unit it is drawn. Choose it, and check a length you know.",
    );
  const collector = shapeCollector();
  const notes = new Set<string>();
  try {
    expand(parsed, mmPer, collector.add, (note) => notes.add(note));
  } catch (error) {
    if (error instanceof TooMuch) return TOO_MUCH;
    if (error instanceof OutOfBounds) return OUT_OF_BOUNDS;
    return refuse("not-a-drawing", "The drawing is broken and cannot be read.");
  }
  return drawingOf(collector.shapes, [...notes]);
}

function expand(
  dxf: IDxf,
  mmPer: number,
  add: ReturnType<typeof shapeCollector>["add"],
  note: (sentence: string) => void,
): void {
  let seen = 0;
  const place = (entities: readonly IEntity[], moves: readonly Move[], depth: number, layer: string | null): void => {
    for (const entity of entities) {
      if (++seen > MOST_ENTITIES) throw new TooMuch();
      const known = knownEntity(entity);
      if (known.type === "INSERT") {
        if (depth >= DEEPEST_INSERT) throw new TooMuch();
        insert(known, moves, depth);
        continue;
      }
      const shape = entityShape(entity);
      if (typeof shape === "string") note(shape);
      else if (shape) add(entity.layer || layer, moved(shape.path, moves, mmPer), shape.isClosed);
    }
  };
  const insert = (entity: IInsertEntity, moves: readonly Move[], depth: number): void => {
    const block = dxf.blocks?.[entity.name];
    if (!block?.entities) {
      note("A reference to a block that is not in the drawing was left out.");
      return;
    }
    const [columns, rows] = [entity.columnCount || 1, entity.rowCount || 1];
    if (columns * rows > LIMITS.shapes) throw new TooMuch();
    for (let column = 0; column < columns; column++) {
      for (let row = 0; row < rows; row++) {
        const shift = { x: column * (entity.columnSpacing || 0), y: row * (entity.rowSpacing || 0) };
        place(block.entities, [insertMove(entity, block.position, shift), ...moves], depth + 1, entity.layer || null);
      }
    }
  };
  place(dxf.entities, [], 0, null);
}

function insertMove(entity: IInsertEntity, base: Point | undefined, shift: Point): Move {
  const turn = ((entity.rotation || 0) * Math.PI) / 180;
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
  const [scaleX, scaleY] = [entity.xScale ?? 1, entity.yScale ?? 1];
  return (p) => {
    const x = (p.x - (base?.x ?? 0)) * scaleX + shift.x;
    const y = (p.y - (base?.y ?? 0)) * scaleY + shift.y;
    return {
      x: x * cos - y * sin + (entity.position?.x ?? 0),
      y: x * sin + y * cos + (entity.position?.y ?? 0),
    };
  };
}

/** Out of all its blocks, to millimetres, y down. */
function moved(path: Path, moves: readonly Move[], mmPer: number): Path {
  return mapPath(path, (p) => {
    const out = moves.reduce((at, move) => move(at), p);
    return { x: out.x * mmPer, y: -out.y * mmPer };
  });
}
