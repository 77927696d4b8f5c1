import type { Block, BodiceHalf, Side } from "@core/block/index";
import type { DraftLine, LetteredPoint } from "@core/draft/index";
import { type Box, boxOf, endOf, line, mapPath, type Path, type Point, startOf } from "@core/geometry/index";

/** A half bodice in its place on the sheet. */
export type PlacedHalf = {
  readonly side: Side;
  readonly armhole: Path;
  readonly neckline: Path;
  readonly shoulder: Path;
  readonly seams: readonly DraftLine[];
  readonly guides: readonly DraftLine[];
  readonly points: readonly LetteredPoint[];
  readonly centre: Point;
  /** From the half's own coordinates to the sheet. */
  readonly place: Place;
  /** Where to say that side and hem are made up; null where they are drafted. */
  readonly madeUpAt: Point | null;
};

/** Side seams facing each other, this far apart; wide enough for their figures. */
const BETWEEN_MM = 46;

type Place = (p: Point) => Point;

/** Back to the left with its centre at the far left, front mirrored to the right, as they lie on a table. */
export function placeBlock(block: Block): { readonly back: PlacedHalf; readonly front: PlacedHalf } {
  const reach = (half: BodiceHalf) => boxOf(outlinePaths(half)).right;
  const [back, front] = [reach(block.back), reach(block.front)];
  return {
    back: placeHalf(block, block.back, (p) => ({ x: p.x - back - BETWEEN_MM / 2, y: p.y })),
    front: placeHalf(block, block.front, (p) => ({ x: front - p.x + BETWEEN_MM / 2, y: p.y })),
  };
}

function outlinePaths(half: BodiceHalf): readonly Path[] {
  return [half.neckline.path, half.shoulder.path, half.armhole.path, half.sideSeam, half.centre];
}

function placeHalf(block: Block, half: BodiceHalf, place: Place): PlacedHalf {
  const { side } = half;
  const seam = (id: string, path: Path): DraftLine => ({
    id: `${side}.${id}`,
    kind: "seam",
    path: mapPath(path, place),
  });
  const draft = block.drafts.find((one) => one.id === side);
  const hem = line(endOf(half.sideSeam), endOf(half.centre));
  const placed = (one: DraftLine): DraftLine => ({ ...one, path: mapPath(one.path, place) });
  return {
    side,
    armhole: mapPath(half.armhole.path, place),
    neckline: mapPath(half.neckline.path, place),
    shoulder: mapPath(half.shoulder.path, place),
    seams: [
      seam("neckline", half.neckline.path),
      seam("shoulder", half.shoulder.path),
      seam("armhole", half.armhole.path),
      seam("sideSeam", half.sideSeam),
      seam("centre", half.centre),
      ...(draft ? [seam("hem", hem)] : []),
      ...half.inner.map(placed),
    ],
    guides: [
      ...(draft ? draft.lines.filter((one) => one.kind === "guide").map(placed) : []),
      ...(draft ? [] : [{ id: `${side}.open`, kind: "guide" as const, path: mapPath(hem, place) }]),
    ],
    points: (draft ? draft.points : plainPoints(half)).map((one) => ({ ...one, at: place(one.at) })),
    centre: place(startOf(half.centre)),
    place,
    madeUpAt: half.isMadeUpBelow ? place(endOf(half.sideSeam)) : null,
  };
}

/** The letters of a block that was not constructed step by step. */
function plainPoints(half: BodiceHalf): readonly LetteredPoint[] {
  return [
    { letter: "N", name: "side neck point", at: startOf(half.neckline.path) },
    { letter: "C", name: `neck at the centre ${half.side}`, at: endOf(half.neckline.path) },
    { letter: "S", name: "shoulder point", at: startOf(half.armhole.path) },
    { letter: "U", name: "underarm", at: endOf(half.armhole.path) },
  ];
}

export function boxOfPlaced({ back, front }: ReturnType<typeof placeBlock>): Box {
  return boxOf([...back.seams, ...front.seams].map((one) => one.path));
}

/** Each half by itself. */
export function halvesOf({
  back,
  front,
}: ReturnType<typeof placeBlock>): readonly { readonly name: string; readonly box: Box }[] {
  return [
    { name: "Back", box: boxOf(back.seams.map((one) => one.path)) },
    { name: "Front", box: boxOf(front.seams.map((one) => one.path)) },
  ];
}
