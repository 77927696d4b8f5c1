import { useUnit } from "@app/components/preferences";
import { useWork } from "@app/work/work-context";
import { Box, Flex } from "@chakra-ui/react";
import type { DraftedSleeve, SewnSleeve } from "@core/drafting/index";
import { type Garment, sketchGarment } from "@core/garment/index";
import { along, boxOf, type Path, type Point, pathLength } from "@core/geometry/index";
import { formatLength } from "@core/tape/index";
import { useMemo, useState } from "react";
import { BodiceDraft } from "./bodice-draft";
import { FigureAt, Letters, Lines, PlainPath } from "./drawn";
import { PieceMarks } from "./piece-marks";
import { Sheet } from "./sheet";
import { SleeveHandles } from "./sleeve-handles";
import { StaleBanner } from "./stale-banner";
import { TypedFigures } from "./typed-figures";
import type { View } from "./view";

/** The sleeve's draft on the sheet, with what can be taken hold of. */
export function SleeveSheet() {
  const garment = useWork((work) => work.garment);
  const lastGood = useWork((work) => work.lastGood);
  const savedSpec = useWork((work) => work.savedSpec);
  const isChanged = useWork((work) => work.spec !== work.savedSpec);
  const preview = useWork((work) => work.preview?.sleeve ?? null);
  const [limit, setLimit] = useState<number | null>(null);
  const [isHeld, setHeld] = useState(false);
  const before = useMemo(() => (isChanged ? sketchGarment(savedSpec).sleeve : null), [isChanged, savedSpec]);
  const drafted = lastGood.sleeve;
  if (!drafted) return <Nothing />;
  const isStale = garment !== lastGood;
  return (
    <Flex direction="column" h="100%">
      {isStale && (
        <StaleBanner>
          These figures give no sleeve. The last draft that worked stays on the sheet; the reason and the ways out are
          at the side.
        </StaleBanner>
      )}
      <Box position="relative" flex="1" minH="0">
        <TypedFigures>
          <Sheet box={boxOnCapLine(drafted)} isHeld={isHeld} label={`${drafted.draft.title}, drawn to scale`}>
            {(view) => (
              <>
                {preview && (
                  <g data-preview>
                    <Outlines of={preview} view={view} className="preview" />
                  </g>
                )}
                {before && <Outlines of={before} view={view} className="before" />}
                {drafted.family === "sewn" ? (
                  <Draft drafted={drafted} view={onCapLine(view, drafted)} isHeld={isHeld} />
                ) : (
                  <BodiceDraft drafted={drafted} view={onCapLine(view, drafted)} isHeld={isHeld} />
                )}
                {!isStale && (
                  <SleeveHandles
                    drafted={drafted}
                    view={onCapLine(view, drafted)}
                    onLimit={setLimit}
                    onHold={setHeld}
                  />
                )}
              </>
            )}
          </Sheet>
        </TypedFigures>
        {preview?.family === "sewn" && <PreviewFigures drafted={preview} />}
        {limit !== null && <Limit garment={garment} value={limit} />}
      </Box>
    </Flex>
  );
}

type OutlinesProps = { readonly of: DraftedSleeve; readonly view: View; readonly className: string };

/** All that is cut of a sleeve, in outline. */
function Outlines({ of, view, className }: OutlinesProps) {
  return outlinesOf(of).map((path, i) => (
    // biome-ignore lint/suspicious/noArrayIndexKey: outlines have no other name, and never change places
    <PlainPath key={i} path={path} view={onCapLine(view, of)} className={className} />
  ));
}

function outlinesOf(drafted: DraftedSleeve): readonly Path[] {
  return drafted.family === "sewn" ? [drafted.whole.outline] : drafted.drawn.map((piece) => piece.outline);
}

/**
 * On the sheet the cap line lies still and the crown moves, as it does under a hand; the draft itself counts from the crown.
 */
function onCapLine(view: View, drafted: DraftedSleeve): View {
  return { ...view, y: view.y - capHeightOf(drafted) * view.scale };
}

function capHeightOf(drafted: DraftedSleeve): number {
  return drafted.family === "sewn" ? drafted.sleeve.frame.height : drafted.drawing.capHeight;
}

function boxOnCapLine(drafted: DraftedSleeve) {
  const box = boxOf([...outlinesOf(drafted), ...drafted.drawn.map((piece) => piece.outline)]);
  return { ...box, top: box.top - capHeightOf(drafted), bottom: box.bottom - capHeightOf(drafted) };
}

function Nothing() {
  return (
    <Box display="grid" placeItems="center" h="100%" bg="panel" px="10" textAlign="center" color="inkSoft">
      There is no sleeve to draw yet. What is missing is said at the side.
    </Box>
  );
}

/** The numbers of what a remedy would give, beside its outline. */
function PreviewFigures({ drafted }: { readonly drafted: SewnSleeve }) {
  const unit = useUnit();
  const { frame } = drafted.sleeve;
  const [front, back] = drafted.seams;
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
      {text(front.partLength + back.partLength)} on an armhole of {text(front.bodyLength + back.bodyLength)}.
    </Box>
  );
}

function Limit({ garment, value }: { readonly garment: Garment; readonly value: number }) {
  const unit = useUnit();
  const drafted = garment.sleeve;
  const why =
    drafted?.family === "bodice" || drafted?.isRedrawn
      ? "no more of it can be asked"
      : drafted?.task.method === "fit-first"
        ? "this armhole with its ease allows no more"
        : "the sleeve ends here";
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

type DraftProps = { readonly drafted: SewnSleeve; readonly view: View; readonly isHeld: boolean };

/** While a handle is held only what the hand is changing is written on the sheet; the letters come back when it lets go. */
function Draft({ drafted, view, isHeld }: DraftProps) {
  const { draft, drawn, isRedrawn } = drafted;
  return (
    <>
      {(["strip", "guide", "beneath", "seam"] as const).map((kind) => (
        <Lines
          key={kind}
          lines={draft.lines.filter((line) => line.kind === kind && !(isRedrawn && isOnPlain(line.id)))}
          view={view}
        />
      ))}
      {drawn.map((piece) => (
        <PieceMarks key={piece.id} piece={piece} view={view} isGrainDrawn={piece.grain.from.x === 0} />
      ))}
      <ChangingFigures drafted={drafted} view={view} />
      {!isHeld && <RestingFigures drafted={drafted} view={view} />}
    </>
  );
}

type FiguresProps = { readonly drafted: SewnSleeve; readonly view: View };

function ChangingFigures({ drafted, view }: FiguresProps) {
  const unit = useUnit();
  const { frame } = drafted.sleeve;
  const [front, back] = drafted.seams;
  const width = frame.frontWidth + frame.backWidth;
  const text = (mm: number) => formatLength(mm, unit);
  const onFront = onCap(drafted, "front");
  const onBack = onCap(drafted, "back");
  return (
    <>
      <FigureAt
        at={onFront}
        text={text(front.partLength)}
        view={view}
        types="sleeve.capEase"
        dx={56}
        dy={-18}
        anchor="start"
      />
      <FigureAt
        at={onBack}
        text={text(back.partLength)}
        view={view}
        types="sleeve.capEase"
        dx={-56}
        dy={-18}
        anchor="end"
      />
      <FigureAt at={{ x: 0, y: frame.height / 2 }} text={text(frame.height)} view={view} dx={8} dy={4} anchor="start" />
      <FigureAt
        at={{ x: -width / 8, y: frame.height }}
        text={text(width)}
        view={view}
        types="sleeve.upperArmEase"
        dy={-7}
      />
    </>
  );
}

function RestingFigures({ drafted, view }: FiguresProps) {
  const { styled } = drafted;
  const unit = useUnit();
  const [piece] = drafted.drawn;
  const underarm = piece?.edges.find((edge) => edge.id === "underarmFront" || edge.id === "frontSeam");
  const hem = piece?.folds[0] ?? piece?.edges.find((edge) => edge.id === "hem" || edge.id === "lanternSeam")?.path;
  const text = (mm: number) => formatLength(mm, unit);
  return (
    <>
      <Letters points={lettersOnSheet(drafted)} view={view} middle={0} />
      <FigureAt at={onCap(drafted, "front")} text="front" view={view} dx={56} dy={-2} anchor="start" soft />
      <FigureAt at={onCap(drafted, "back")} text="back" view={view} dx={-56} dy={-2} anchor="end" soft />
      {hem && (
        <FigureAt
          at={along(hem, pathLength(hem) / 4).point}
          text={text(pathLength(hem))}
          view={view}
          dy={-7}
          types={styled ? undefined : "sleeve.hemWidth"}
        />
      )}
      {underarm && (
        <FigureAt
          at={along(underarm.path, underarm.length / 2).point}
          text={text(underarm.length)}
          view={view}
          types="sleeve.length"
          dx={10}
          dy={14}
          anchor="start"
        />
      )}
    </>
  );
}

/** What was only ruled on the plain sleeve before it was cut apart: on the sheet the strips themselves show it. */
function isOnPlain(line: string): boolean {
  return line.startsWith("slash.") || line.startsWith("plain.slant");
}

/** A style is lettered where it changes the plain sleeve; the card has all letters. */
function lettersOnSheet({ styled, isRedrawn, draft }: SewnSleeve) {
  return styled && isRedrawn ? styled.acts.flatMap((act) => act.points ?? []) : draft.points;
}

/** A place on the upper cap beside which its length is written. */
function onCap({ caps }: SewnSleeve, side: "front" | "back"): Point {
  return along(caps[side], pathLength(caps[side]) * 0.35).point;
}
