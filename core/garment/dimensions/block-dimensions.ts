import type { Block, BodiceHalf, LevelName, Side } from "../../block";
import { levelOf } from "../../block";
import type { Dimension } from "../../draft";
import { along, boxOf, endOf, lengthAtHeight, mapPath, type Path, type Point, startOf } from "../../geometry";
import type { ResolvedSpec } from "../../resolve";
import { dartHandle } from "../handles";
import { alongEdge, atPlace, straight } from "./dimension";

/** Where a half lies on the sheet: from its own coordinates to the sheet's. */
export type HalfPlaces = Readonly<Record<Side, (p: Point) => Point>>;

type Built = { readonly block: Block | null; readonly resolved: ResolvedSpec };

/** Which field a figure of a half is, by where the block comes from; null for what is only measured there. */
type FieldOf = (name: keyof typeof READ_FIELDS, side: Side) => string | null;

/** The fields of a block that was read; the same figures of a drafted one are `block.frontNeckWidth` and so on. */
const READ_FIELDS = {
  neckWidth: () => "block.neckline.width",
  neckDepth: (side: Side) => `block.neckline.${side}Depth`,
  neckline: (side: Side) => `block.neckline.${side}Length`,
  shoulder: () => "block.shoulder.length",
  slope: () => "block.shoulder.slope",
  armhole: (side: Side) => `block.armhole.${side}`,
  armholeDepth: () => "block.armhole.depth",
} as const;

const capital = (side: Side) => (side === "front" ? "Front" : "Back");

/** Every figure of the block that lies somewhere on it: the back, then the front, from the neck down. */
export function blockDimensions({ block, resolved }: Built, places: HalfPlaces): readonly Dimension[] {
  if (!block) return [];
  const fieldOf = fieldsOf(resolved);
  const halves = (["back", "front"] as const).flatMap((side) => [
    ...topOf(block[side], places[side], fieldOf),
    ...widthsOf(block, block[side], places[side], resolved),
    ...insetOf(block, block[side], places[side], resolved),
  ]);
  return [...halves, ...levelsOf(block, places, resolved), ...dartOf({ block, resolved }, places.front)];
}

function fieldsOf({ block }: ResolvedSpec): FieldOf {
  if (block.source === "readings") return (name, side) => READ_FIELDS[name](side);
  if (block.source === "outline") return () => null;
  const drafted: { readonly [name in keyof typeof READ_FIELDS]?: (side: Side) => string } = {
    neckWidth: (side) => `block.${side}NeckWidth`,
    neckDepth: (side) => `block.${side}NeckDepth`,
    ...(block.school === "quick" ? { slope: (side: Side) => `block.${side}Slope` } : {}),
  };
  return (name, side) => drafted[name]?.(side) ?? null;
}

/** Neck, shoulder and armhole. */
function topOf(half: BodiceHalf, place: HalfPlaces[Side], fieldOf: FieldOf): readonly Dimension[] {
  const { side, neckline, shoulder, armhole } = half;
  const [neck, centre] = [startOf(neckline.path), endOf(neckline.path)];
  const [tip, underarm] = [startOf(armhole.path), endOf(armhole.path)];
  const mapped = (path: Path) => mapPath(path, place);
  const of = (name: keyof typeof READ_FIELDS, label: string, rank: Dimension["rank"]) => {
    const types = fieldOf(name, side);
    return { id: `block.${side}.${name}`, types, rank, on: side, ...(types === null ? { label } : {}) };
  };
  const above = neck.y;
  return [
    straight(of("neckWidth", `${capital(side)} neck width`, 1), place({ x: centre.x, y: above }), place(neck)),
    straight(
      of("neckDepth", `${capital(side)} neck depth`, 1),
      place({ x: centre.x, y: above }),
      place(centre),
      centre.y - above,
    ),
    alongEdge(of("neckline", `${capital(side)} neckline`, 2), mapped(neckline.path), neckline.length),
    alongEdge(of("shoulder", `${capital(side)} shoulder`, 2), mapped(shoulder.path), shoulder.length),
    straight(
      of("slope", `${capital(side)} shoulder slope`, 3),
      place({ x: tip.x, y: neck.y }),
      place(tip),
      tip.y - neck.y,
    ),
    alongEdge(of("armhole", `${capital(side)} armhole`, 1), mapped(armhole.path), armhole.length),
    straight(
      of("armholeDepth", `${capital(side)} armhole depth`, side === "back" ? 2 : 3),
      place({ x: underarm.x, y: tip.y }),
      place(underarm),
    ),
  ];
}

const WIDTHS: readonly {
  readonly level: LevelName;
  readonly name: string;
  readonly fitted: string;
  readonly quick: string;
}[] = [
  { level: "chest", name: "Width at the chest", fitted: "block.ease.bust", quick: "block.chestEase" },
  { level: "waist", name: "Width at the waist", fitted: "block.ease.waist", quick: "block.waistEase" },
  { level: "hip", name: "Width at the hip", fitted: "block.ease.hip", quick: "block.hipEase" },
];

/** What a half measures across, its darts not closed. */
function widthsOf(block: Block, half: BodiceHalf, place: HalfPlaces[Side], { block: from }: ResolvedSpec) {
  if (from.source !== "drafted" || half.isMadeUpBelow) return [];
  return WIDTHS.flatMap(({ level, name, fitted, quick }): readonly Dimension[] => {
    const y = levelOf(block, level);
    const [left, right] = [y === null ? null : onPath(half.centre, y), y === null ? null : onPath(half.sideSeam, y)];
    if (!left || !right) return [];
    return [
      straight(
        {
          id: `block.${half.side}.${level}`,
          label: `${name}, ${half.side}`,
          types: from.school === "fitted" ? fitted : quick,
          rank: 2,
          on: half.side,
        },
        place(left),
        place(right),
      ),
    ];
  });
}

/** How far the armhole is set in from the shoulder point, half way down. */
function insetOf(block: Block, half: BodiceHalf, place: HalfPlaces[Side], { block: from }: ResolvedSpec) {
  if (from.source !== "drafted") return [];
  const tip = startOf(half.armhole.path);
  const middle = onPath(half.armhole.path, tip.y + block.depth / 2);
  if (!middle) return [];
  const types = `block.${half.side}Inset`;
  return [
    straight(
      { id: types, types, rank: 3, on: half.side },
      place({ x: tip.x, y: middle.y }),
      place(middle),
      tip.x - middle.x,
    ),
  ];
}

const TYPED_LEVELS: { readonly [level in LevelName]?: string } = {
  chest: "block.chestLevel",
  bust: "block.bustLevel",
  underbust: "block.underbustLevel",
  waist: "block.waistLevel",
  hip: "block.hipLevel",
};

/** How far down each level lies, at the centre back, and how long the bodice is. */
function levelsOf(block: Block, { back }: HalfPlaces, { block: from }: ResolvedSpec): readonly Dimension[] {
  const half = block.back;
  if (half.isMadeUpBelow) return [];
  const neck = startOf(half.neckline.path);
  const hem = endOf(half.centre);
  const box = boxOf([half.centre]);
  const outside = box.left - OUTSIDE_MM;
  const isDrafted = from.source === "drafted";
  return [
    straight(
      {
        id: "block.length",
        types: isDrafted ? "block.length" : null,
        ...(isDrafted ? {} : { label: "Length of the block" }),
        rank: 1,
        on: "back",
      },
      back({ x: outside, y: neck.y }),
      back({ x: outside, y: hem.y }),
    ),
    ...block.levels.flatMap(({ id, name, y }): readonly Dimension[] => {
      const types = isDrafted ? (TYPED_LEVELS[id] ?? null) : null;
      const at = onPath(half.sideSeam, y) ?? onPath(half.armhole.path, y);
      if (id === "shoulder" || id === "hem" || !at) return [];
      return [
        atPlace(
          { id: `block.level.${id}`, types, ...(types ? {} : { label: name }), rank: 2, on: "back" },
          back({ x: (at.x + (onPath(half.centre, y)?.x ?? at.x)) / 2, y }),
          y,
        ),
      ];
    }),
  ];
}

/** A line outside all that is drawn keeps so far from it. */
const OUTSIDE_MM = 16;

/** How far the bust dart ends short of the bust point. */
function dartOf(built: Built, front: HalfPlaces["front"]): readonly Dimension[] {
  const found = dartHandle(built);
  const bust = built.block?.front.bust;
  if (!found || !bust) return [];
  return [
    straight(
      { id: "block.dartShort", types: "block.dartShort", rank: 1, on: "front" },
      front(bust.bustPoint),
      front(found.at),
      found.range.value,
    ),
  ];
}

/** Where a path that runs down passes a height; null where it does not reach it. */
function onPath(path: Path, y: number): Point | null {
  const [top, bottom] = [startOf(path).y, endOf(path).y];
  if (y < top || y > bottom) return null;
  return along(path, lengthAtHeight(path, y)).point;
}
