import { FigureSheet } from "@app/sheet/dimensions/figure-sheet";
import { PlainPath } from "@app/sheet/drawn";
import { PieceMarks } from "@app/sheet/piece-marks";
import { PieceName } from "@app/sheet/piece-name";
import { partsOf, piecesOnSheet, viewOnPiece } from "@app/sheet/pieces-on-sheet";
import { SheetToggle } from "@app/sheet/sheet-toggle";
import { toScreen, type View } from "@app/sheet/view";
import { type Garment, pieceDimensions } from "@core/garment/index";
import { along, lerp, type Path, type Point, svgPathData } from "@core/geometry/index";
import { arranged, type PlacedPiece, type Seam } from "@core/pattern/index";
import { Spline } from "lucide-react";
import { type KeyboardEvent, useMemo } from "react";
import { type Looked, litEdges, type Shown } from "./looked";

/** About as wide as high as the room for the sheet is. */
const ASPECT = 1.15;
/** Between pieces, in millimetres. */
const BETWEEN_MM = 45;

type Props = {
  readonly garment: Garment;
  readonly seams: readonly Seam[];
  readonly looked: Shown;
  readonly onLook: (looked: Looked | null) => void;
  readonly isMapShown: boolean;
  readonly onMap: (isShown: boolean) => void;
};

/** All pieces at one scale, arranged as a maker lays them, with their figures; the seam map over them where it is wanted. */
export function PiecesSheet({ garment, seams, looked, onLook, isMapShown, onMap }: Props) {
  const { pieces, resolved } = garment;
  const layout = useMemo(() => arranged(pieces, ASPECT, BETWEEN_MM), [pieces]);
  const box = useMemo(() => ({ left: 0, top: 0, right: layout.width, bottom: layout.height }), [layout]);
  const parts = useMemo(() => partsOf(layout.pieces, box), [layout, box]);
  const onSheet = useMemo(
    () => piecesOnSheet(layout.pieces, pieceDimensions(resolved, layout.pieces)),
    [resolved, layout],
  );
  return (
    <FigureSheet
      station="pieces"
      box={box}
      parts={parts}
      label={`The ${pieces.length} pieces of the garment, drawn to scale`}
      {...onSheet}
      tools={
        <SheetToggle isOn={isMapShown} onToggle={onMap}>
          <Spline size={16} aria-hidden /> Seam map
        </SheetToggle>
      }
    >
      {(view) => (
        <>
          {layout.pieces.map((placed, i) => (
            <PlacedOnSheet
              key={placed.piece.id}
              placed={placed}
              number={i + 1}
              view={view}
              looked={looked}
              onLook={onLook}
            />
          ))}
          {isMapShown && <SeamMap placed={layout.pieces} seams={seams} view={view} looked={looked} onLook={onLook} />}
        </>
      )}
    </FigureSheet>
  );
}

type PlacedProps = {
  readonly placed: PlacedPiece;
  readonly number: number;
  readonly view: View;
  readonly looked: Shown;
  readonly onLook: (looked: Looked | null) => void;
};

function PlacedOnSheet({ placed, number, view, looked, onLook }: PlacedProps) {
  const { piece } = placed;
  const own = viewOnPiece(view, placed);
  const lit = litEdges(looked);
  const isChosen = looked.kind === "piece" && looked.piece.id === piece.id;
  const look = () => onLook(isChosen ? null : { piece: piece.id });
  const press = (event: KeyboardEvent) => {
    if (event.key !== "Enter" && event.key !== " ") return;
    event.preventDefault();
    look();
  };
  return (
    // biome-ignore lint/a11y/useSemanticElements: a shape on the sheet cannot be a button element
    <g
      className={isChosen ? "piece-to-press chosen" : "piece-to-press"}
      role="button"
      tabIndex={0}
      aria-label={piece.name}
      aria-pressed={isChosen}
      data-piece={piece.id}
      onClick={look}
      onKeyDown={press}
    >
      <path className="piece-cloth" d={onScreen(piece.outline, own)} />
      {(piece.lines ?? []).map((one) => (
        <PlainPath key={`${one.name} ${one.path[0]?.[0].x}`} path={one.path} view={own} className="level-line" />
      ))}
      <PlainPath path={piece.outline} view={own} className="seam" />
      {piece.folds.map((fold) => (
        <PlainPath key={keyOf(fold[0]?.[0])} path={fold} view={own} className="beneath" />
      ))}
      {piece.darts.map((dart, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: two legs of a dart begin at one point
        <PlainPath key={i} path={dart} view={own} className="guide dart" />
      ))}
      <PieceMarks piece={piece} view={own} />
      {piece.edges
        .filter(({ id }) => lit.body.includes(`${piece.id}.${id}`) || lit.part.includes(`${piece.id}.${id}`))
        .map(({ id, path }) => (
          <path
            key={id}
            data-lit={`${piece.id}.${id}`}
            className={lit.body.includes(`${piece.id}.${id}`) ? "lit-edge" : "lit-edge other"}
            d={onScreen(path, own)}
          />
        ))}
      <PieceName piece={piece} number={number} view={own} />
    </g>
  );
}

function keyOf(p: Point | undefined): string {
  return p ? `${p.x} ${p.y}` : "";
}

function onScreen(path: Path, view: View): string {
  return svgPathData(
    path.map(([p0, p1, p2, p3]) => [toScreen(view, p0), toScreen(view, p1), toScreen(view, p2), toScreen(view, p3)]),
  );
}

type MapProps = {
  readonly placed: readonly PlacedPiece[];
  readonly seams: readonly Seam[];
  readonly view: View;
  readonly looked: Shown;
  readonly onLook: (looked: Looked | null) => void;
};

/** Every seam as a line from the middle of one side to the middle of the other. */
function SeamMap({ placed, seams, view, looked, onLook }: MapProps) {
  return seams.map((seam) => {
    const [from, to] = [middleOf(seam.bodyEdges, placed), middleOf(seam.partEdges, placed)];
    if (!from || !to) return null;
    const isChosen = looked.kind === "seam" && looked.seam.id === seam.id;
    const data = bowed(toScreen(view, from), toScreen(view, to));
    return (
      // biome-ignore lint/a11y/noStaticElementInteractions: every seam is a button in the list beside the sheet
      <g key={seam.id} className="seam-on-map" data-seam={seam.id} onClick={() => onLook({ seam: seam.id })}>
        <path className="edge-reach" d={data} />
        <path className={isChosen ? "seam-line chosen" : "seam-line"} d={data}>
          <title>{seam.name}</title>
        </path>
      </g>
    );
  });
}

/** The middle of a run of edges: of the one that holds it. */
function middleOf(names: readonly string[], placed: readonly PlacedPiece[]): Point | null {
  const edges = names.flatMap((name) => {
    const [piece, id] = name.split(".");
    const on = placed.find((one) => one.piece.id === piece);
    const edge = on?.piece.edges.find((one) => one.id === id);
    return on && edge ? [{ on, edge }] : [];
  });
  let left = edges.reduce((sum, { edge }) => sum + edge.length, 0) / 2;
  for (const { on, edge } of edges) {
    if (left <= edge.length) {
      const { point } = along(edge.path, left);
      return { x: point.x + on.x, y: point.y + on.y };
    }
    left -= edge.length;
  }
  return null;
}

/** Of the way between both ends: a line bowed to its side, so that two between the same pieces lie apart. */
const BOW_SHARE = 0.12;
const LEAST_LOOP_PX = 26;

function bowed(from: Point, to: Point): string {
  const middle = lerp(from, to, 0.5);
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  // An edge that is sewn to its own mirror image is a small loop beside it.
  if (Math.hypot(dx, dy) < 1)
    return `M${from.x} ${from.y}c${LEAST_LOOP_PX} ${-LEAST_LOOP_PX} ${LEAST_LOOP_PX} ${LEAST_LOOP_PX} 0 0`;
  return `M${from.x} ${from.y}Q${middle.x - dy * BOW_SHARE} ${middle.y + dx * BOW_SHARE} ${to.x} ${to.y}`;
}
