import { useUnit } from "@app/components/preferences";
import { useWork } from "@app/features/garment/work-context";
import { Box } from "@chakra-ui/react";
import type { ArmholeHalf, Block } from "@core/block/index";
import type { DraftLine, LetteredPoint } from "@core/draft/index";
import { along, boxOf, line, mapPath, type Path, type Point, startOf } from "@core/geometry/index";
import { formatLength } from "@core/tape/index";
import { FigureAt, Letters, Lines, Tick } from "./drawn";
import { Sheet } from "./sheet";
import type { View } from "./view";

/** How much of the shoulder and side seams is shown beside the armhole, in millimetres. */
const SHOULDER_STUB_MM = 70;
const SIDE_STUB_MM = 60;

/** The armhole as it lies open: back and front joined at the side seam, the shoulders apart. */
export function BlockSheet() {
  const garment = useWork((work) => work.garment);
  const lastGood = useWork((work) => work.lastGood);
  const block = garment.block ?? lastGood.block;
  if (!block) {
    return (
      <Box display="grid" placeItems="center" h="100%" bg="panel" px="10" textAlign="center" color="inkSoft">
        These readings give no armhole. What contradicts what is said at the side.
      </Box>
    );
  }
  const drawn = drawBlock(block, garment.resolved.armhole.shoulderAngle);
  const notches = (garment.sleeve ?? lastGood.sleeve)?.task.notches;
  return (
    <Sheet box={boxOf(drawn.lines.map((l) => l.path))} label="The armhole, drawn to scale from its readings">
      {(view) => <Drawing drawn={drawn} block={block} view={view} notches={notches} />}
    </Sheet>
  );
}

type Drawn = {
  readonly lines: readonly DraftLine[];
  readonly points: readonly LetteredPoint[];
  readonly front: Path;
  readonly back: Path;
};

/** Front to the right, back to the left, as on the sleeve; the underarm is x = 0. */
function drawBlock(block: Block, shoulderAngle: number): Drawn {
  const place = (half: ArmholeHalf, way: 1 | -1) =>
    mapPath(half.path, (p) => ({ x: way * (half.reach - p.x), y: p.y }));
  const front = place(block.front, 1);
  const back = place(block.back, -1);
  const shoulder = (at: Point, way: 1 | -1): Path =>
    line(at, {
      x: at.x + way * Math.cos(shoulderAngle) * SHOULDER_STUB_MM,
      y: at.y - Math.sin(shoulderAngle) * SHOULDER_STUB_MM,
    });
  const frontTip = startOf(front);
  const backTip = startOf(back);
  const underarm = { x: 0, y: block.depth };
  return {
    front,
    back,
    points: [
      { letter: "SF", name: "Front shoulder point", at: frontTip },
      { letter: "SB", name: "Back shoulder point", at: backTip },
      { letter: "U", name: "Underarm", at: underarm },
    ],
    lines: [
      {
        id: "depthLine",
        kind: "guide",
        path: line({ x: backTip.x, y: block.depth }, { x: frontTip.x, y: block.depth }),
      },
      { id: "shoulderLevel", kind: "guide", path: line(backTip, frontTip) },
      { id: "depth", kind: "guide", path: line({ x: 0, y: 0 }, underarm) },
      { id: "frontShoulder", kind: "seam", path: shoulder(frontTip, 1) },
      { id: "backShoulder", kind: "seam", path: shoulder(backTip, -1) },
      { id: "side", kind: "seam", path: line(underarm, { x: 0, y: block.depth + SIDE_STUB_MM }) },
      { id: "frontArmhole", kind: "seam", path: front },
      { id: "backArmhole", kind: "seam", path: back },
    ],
  };
}

type DrawingProps = {
  readonly drawn: Drawn;
  readonly block: Block;
  readonly view: View;
  readonly notches: { readonly front: number; readonly back: number } | undefined;
};

function Drawing({ drawn, block, view, notches }: DrawingProps) {
  const unit = useUnit();
  const text = (mm: number) => formatLength(mm, unit);
  const middle = (path: Path, length: number) => along(path, length * 0.45).point;
  const notch = (path: Path, from: number, way: 1 | -1) => {
    const { point, direction } = along(path, from);
    return { at: point, towards: { x: direction.y * way, y: -direction.x * way } };
  };
  return (
    <>
      <Lines lines={drawn.lines} view={view} />
      {notches && (
        <>
          <Tick {...notch(drawn.front, block.front.length - notches.front, 1)} px={9} view={view} className="notch" />
          <Tick {...notch(drawn.back, block.back.length - notches.back, -1)} px={9} view={view} className="notch" />
          <Tick
            {...notch(drawn.back, block.back.length - notches.back - 10, -1)}
            px={9}
            view={view}
            className="notch"
          />
        </>
      )}
      {/* Inside the armhole, where no line runs. */}
      <Letters points={drawn.points.filter((p) => p.letter === "SF")} view={view} middle={Number.POSITIVE_INFINITY} />
      <Letters points={drawn.points.filter((p) => p.letter !== "SF")} view={view} middle={Number.NEGATIVE_INFINITY} />
      <FigureAt
        at={middle(drawn.front, block.front.length)}
        text={text(block.front.length)}
        view={view}
        dx={16}
        anchor="start"
      />
      <FigureAt
        at={middle(drawn.front, block.front.length)}
        text="front armhole"
        view={view}
        dx={16}
        dy={16}
        anchor="start"
        soft
      />
      <FigureAt
        at={middle(drawn.back, block.back.length)}
        text={text(block.back.length)}
        view={view}
        dx={-16}
        anchor="end"
      />
      <FigureAt
        at={middle(drawn.back, block.back.length)}
        text="back armhole"
        view={view}
        dx={-16}
        dy={16}
        anchor="end"
        soft
      />
      <FigureAt at={{ x: 0, y: block.depth * 0.5 }} text={text(block.depth)} view={view} dx={8} anchor="start" />
      <FigureAt
        at={{ x: 0, y: block.depth + SIDE_STUB_MM * 0.6 }}
        text="side seam"
        view={view}
        dx={8}
        anchor="start"
        soft
      />
    </>
  );
}
