import { useUnit } from "@app/components/preferences";
import { useWork, useWorkStore } from "@app/features/garment/work-context";
import { beginGesture } from "@app/features/garment/work-store";
import { Box, Flex } from "@chakra-ui/react";
import {
  capLineHandle,
  crownHandle,
  type DraftedSleeve,
  draftGarment,
  type Garment,
  type Handle,
} from "@core/garment/index";
import { along, boxOf, cubicPoint, distance, endOf, line, mix } from "@core/geometry/index";
import type { Piece } from "@core/pattern/index";
import { formatLength } from "@core/tape/index";
import { useMemo, useRef, useState } from "react";
import { DragHandle } from "./drag-handle";
import { FigureAt, Letters, Lines, PlainPath, Tick } from "./drawn";
import { Sheet } from "./sheet";
import type { View } from "./view";

/** The sleeve's draft on the sheet, with the crown and the ends of the cap line to take hold of. */
export function SleeveSheet() {
  const garment = useWork((work) => work.garment);
  const lastGood = useWork((work) => work.lastGood);
  const savedSpec = useWork((work) => work.savedSpec);
  const isChanged = useWork((work) => work.spec !== work.savedSpec);
  const preview = useWork((work) => work.preview?.sleeve ?? null);
  const [limit, setLimit] = useState<number | null>(null);
  const [isHeld, setHeld] = useState(false);
  const before = useMemo(() => (isChanged ? draftGarment(savedSpec).sleeve : null), [isChanged, savedSpec]);
  const drafted = lastGood.sleeve;
  if (!drafted) return <Nothing />;
  const isStale = garment !== lastGood;
  return (
    <Flex direction="column" h="100%">
      {isStale && (
        <Banner>
          These figures give no sleeve. The last draft that worked stays on the sheet; the reason and the ways out are
          at the side.
        </Banner>
      )}
      <Box position="relative" flex="1" minH="0">
        <Sheet box={boxOnCapLine(drafted)} isHeld={isHeld} label={`${drafted.sleeve.draft.title}, drawn to scale`}>
          {(view) => (
            <>
              {preview && (
                <g data-preview>
                  <PlainPath path={preview.whole.outline} view={onCapLine(view, preview)} className="preview" />
                </g>
              )}
              {before && <PlainPath path={before.whole.outline} view={onCapLine(view, before)} className="before" />}
              <Draft drafted={drafted} view={onCapLine(view, drafted)} isHeld={isHeld} />
              {!isStale && (
                <Handles drafted={drafted} view={onCapLine(view, drafted)} onLimit={setLimit} onHold={setHeld} />
              )}
            </>
          )}
        </Sheet>
        {preview && <PreviewFigures drafted={preview} />}
        {limit !== null && <Limit garment={garment} value={limit} />}
      </Box>
    </Flex>
  );
}

/**
 * On the sheet the cap line lies still and the crown moves, as it does under a hand; the draft itself counts from the crown.
 */
function onCapLine(view: View, { sleeve }: DraftedSleeve): View {
  return { ...view, y: view.y - sleeve.frame.height * view.scale };
}

function boxOnCapLine({ sleeve, whole, pieces }: DraftedSleeve) {
  const box = boxOf([whole, ...pieces].map((piece) => piece.outline));
  return { ...box, top: box.top - sleeve.frame.height, bottom: box.bottom - sleeve.frame.height };
}

function Nothing() {
  return (
    <Box display="grid" placeItems="center" h="100%" bg="panel" px="10" textAlign="center" color="inkSoft">
      There is no sleeve to draw yet. What is missing is said at the side.
    </Box>
  );
}

function Banner({ children }: { readonly children: React.ReactNode }) {
  return (
    <Box px="4" py="2" bg="faultPale" color="ink" borderLeft="4px solid" borderColor="fault" role="status">
      {children}
    </Box>
  );
}

/** The numbers of what a remedy would give, beside its outline. */
function PreviewFigures({ drafted }: { readonly drafted: DraftedSleeve }) {
  const unit = useUnit();
  const { frame, capLength } = drafted.sleeve;
  const { front, back } = drafted.task.cap.armhole;
  const text = (mm: number) => formatLength(mm, unit);
  return (
    <Box
      position="absolute"
      bottom="3"
      left="9"
      px="4"
      py="2"
      bg="chalkPale"
      color="ink"
      borderLeft="4px solid"
      borderColor="chalk"
      data-preview-figures
    >
      It would be {text(frame.frontWidth + frame.backWidth)} wide with a cap {text(frame.height)} high, whose seam is{" "}
      {text(capLength.front + capLength.back)} on an armhole of {text(front + back)}.
    </Box>
  );
}

function Limit({ garment, value }: { readonly garment: Garment; readonly value: number }) {
  const unit = useUnit();
  const isFitFirst = garment.sleeve?.task.method === "fit-first";
  const why = isFitFirst ? "this armhole with its ease allows no more" : "the sleeve ends here";
  return (
    <Box
      position="absolute"
      top="9"
      left="9"
      px="4"
      py="2"
      bg="warnPale"
      color="ink"
      borderLeft="4px solid"
      borderColor="warn"
      role="status"
    >
      Stopped at {formatLength(value, unit)}: {why}.
    </Box>
  );
}

type DraftProps = { readonly drafted: DraftedSleeve; readonly view: View; readonly isHeld: boolean };

/** While a handle is held only what the hand is changing is written on the sheet; the letters come back when it lets go. */
function Draft({ drafted, view, isHeld }: DraftProps) {
  const { sleeve, pieces } = drafted;
  return (
    <>
      {(["guide", "beneath", "seam"] as const).map((kind) => (
        <Lines key={kind} lines={sleeve.draft.lines.filter((line) => line.kind === kind)} view={view} />
      ))}
      {pieces.map((piece) => (
        <PieceMarks key={piece.id} piece={piece} view={view} />
      ))}
      <ChangingFigures drafted={drafted} view={view} />
      {!isHeld && <RestingFigures drafted={drafted} view={view} />}
    </>
  );
}

/** Notches, and the arrow heads of the grain. */
function PieceMarks({ piece, view }: { readonly piece: Piece; readonly view: View }) {
  const { from, to } = piece.grain;
  const heads = [
    { at: from, towards: { x: -0.5, y: 0.86 } },
    { at: from, towards: { x: 0.5, y: 0.86 } },
    { at: to, towards: { x: -0.5, y: -0.86 } },
    { at: to, towards: { x: 0.5, y: -0.86 } },
  ];
  return (
    <>
      {piece.notches.map((notch) => (
        <Tick key={notch.id} at={notch.at} towards={notch.inwards} px={9} view={view} className="notch" />
      ))}
      {from.x !== 0 && <PlainPath path={line(from, to)} view={view} className="grain" />}
      {heads.map(({ at, towards }) => (
        <Tick key={`${at.y} ${towards.x}`} at={at} towards={towards} px={9} view={view} className="grain" />
      ))}
    </>
  );
}

type FiguresProps = { readonly drafted: DraftedSleeve; readonly view: View };

function ChangingFigures({ drafted, view }: FiguresProps) {
  const unit = useUnit();
  const { outline, frame, capLength } = drafted.sleeve;
  const width = frame.frontWidth + frame.backWidth;
  const text = (mm: number) => formatLength(mm, unit);
  const onFront = cubicPoint(outline.capFront, 0.3);
  const onBack = cubicPoint(outline.capBack, 0.3);
  return (
    <>
      <FigureAt at={onFront} text={text(capLength.front)} view={view} dx={56} dy={-18} anchor="start" />
      <FigureAt at={onBack} text={text(capLength.back)} view={view} dx={-56} dy={-18} anchor="end" />
      <FigureAt at={{ x: 0, y: frame.height / 2 }} text={text(frame.height)} view={view} dx={8} dy={4} anchor="start" />
      <FigureAt at={{ x: -width / 8, y: frame.height }} text={text(width)} view={view} dy={-7} />
    </>
  );
}

function RestingFigures({ drafted, view }: FiguresProps) {
  const unit = useUnit();
  const { sleeve, pieces } = drafted;
  const { outline } = sleeve;
  const [piece] = pieces;
  const underarm = piece?.edges.find((edge) => edge.id === "underarmFront" || edge.id === "frontSeam");
  const [from, to] = sleeve.twoPiece
    ? [endOf(sleeve.twoPiece.top.frontSeam), endOf(sleeve.twoPiece.top.backSeam)]
    : [outline.frontHem, outline.backHem];
  const text = (mm: number) => formatLength(mm, unit);
  return (
    <>
      <Letters points={sleeve.draft.points} view={view} middle={0} />
      <FigureAt at={cubicPoint(outline.capFront, 0.3)} text="front" view={view} dx={56} dy={-2} anchor="start" soft />
      <FigureAt at={cubicPoint(outline.capBack, 0.3)} text="back" view={view} dx={-56} dy={-2} anchor="end" soft />
      <FigureAt at={mix(from, to, 0.25)} text={text(distance(from, to))} view={view} dy={-7} />
      {underarm && (
        <FigureAt
          at={along(underarm.path, underarm.length / 2).point}
          text={text(underarm.length)}
          view={view}
          dx={10}
          dy={14}
          anchor="start"
        />
      )}
    </>
  );
}

type HandlesProps = {
  readonly drafted: DraftedSleeve;
  readonly view: View;
  readonly onLimit: (limit: number | null) => void;
  readonly onHold: (isHeld: boolean) => void;
};

function Handles({ drafted, view, onLimit, onHold }: HandlesProps) {
  const store = useWorkStore();
  const endGesture = useRef<(() => void) | null>(null);
  const { outline, frame } = drafted.sleeve;
  // The ranges do not move while one of their handles is dragged: only the figures that they are reckoned from move them.
  const crown = useMemo(() => crownHandle(drafted), [drafted]);
  const capLine = useMemo(() => capLineHandle(drafted), [drafted]);
  const { change } = store.getState();
  const shared = {
    view,
    onLimit,
    onBegin: () => {
      endGesture.current ??= beginGesture(store);
      onHold(true);
    },
    onEnd: () => {
      onHold(false);
      endGesture.current?.();
      endGesture.current = null;
    },
  };
  const move = (handle: Handle) => (value: number) => change(handle.changeTo(value));
  return (
    <>
      <DragHandle
        {...shared}
        name="Crown"
        at={outline.crown}
        handle={crown}
        gain={{ x: 0, y: -1 }}
        onMove={move(crown)}
      />
      <DragHandle
        {...shared}
        name="Front end of the cap line"
        at={outline.frontEnd}
        handle={capLine}
        gain={{ x: 2, y: 0 }}
        onMove={move(capLine)}
      />
      <DragHandle
        {...shared}
        name="Back end of the cap line"
        at={{ x: outline.backEnd.x, y: frame.height }}
        handle={capLine}
        gain={{ x: -2, y: 0 }}
        onMove={move(capLine)}
      />
    </>
  );
}
