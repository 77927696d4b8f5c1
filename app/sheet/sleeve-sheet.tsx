import { useTape } from "@app/components/preferences";
import { EmptyStation } from "@app/work/empty-station";
import { savedGarment } from "@app/work/saved-garment";
import { useWork } from "@app/work/work-context";
import { Box, Flex } from "@chakra-ui/react";
import type { DraftedSleeve, SewnSleeve } from "@core/drafting/index";
import type { Garment } from "@core/garment/index";
import { boxOf, type Path } from "@core/geometry/index";
import { formatLength } from "@core/tape/index";
import { useMemo, useState } from "react";
import { BodiceDraft } from "./bodice-draft";
import { FigureSheet } from "./dimensions/figure-sheet";
import { PlainPath } from "./drawn";
import { SleeveDraft } from "./sleeve-draft";
import { SleeveHandles } from "./sleeve-handles";
import { sleeveOnSheet } from "./sleeve-on-sheet";
import { StaleBanner } from "./stale-banner";
import type { SheetPart } from "./use-parts";
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
  const before = useMemo(() => (isChanged ? savedGarment(savedSpec).sleeve : null), [isChanged, savedSpec]);
  const drafted = lastGood.sleeve;
  const onSheet = useMemo(() => (drafted ? sleeveOnSheet(drafted) : null), [drafted]);
  if (!drafted || !onSheet)
    return <EmptyStation station="sleeve" why="These figures give no sleeve. The findings say what is in the way." />;
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
        <FigureSheet
          station="sleeve"
          box={boxOnCapLine(drafted)}
          parts={partsOnCapLine(drafted)}
          isHeld={isHeld}
          label={`${drafted.draft.title}, drawn to scale`}
          viewOf={(view) => onCapLine(view, drafted)}
          {...onSheet}
        >
          {(view) => (
            <>
              {preview && (
                <g data-preview>
                  <Outlines of={preview} view={view} className="preview" />
                </g>
              )}
              {before && <Outlines of={before} view={view} className="before" />}
              {drafted.family === "sewn" ? (
                <SleeveDraft drafted={drafted} view={onCapLine(view, drafted)} />
              ) : (
                <BodiceDraft drafted={drafted} view={onCapLine(view, drafted)} />
              )}
              {!isStale && (
                <SleeveHandles drafted={drafted} view={onCapLine(view, drafted)} onLimit={setLimit} onHold={setHeld} />
              )}
            </>
          )}
        </FigureSheet>
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
  return fromCapLine(drafted, boxOf([...outlinesOf(drafted), ...drafted.drawn.map((piece) => piece.outline)]));
}

function fromCapLine(drafted: DraftedSleeve, box: ReturnType<typeof boxOf>) {
  return { ...box, top: box.top - capHeightOf(drafted), bottom: box.bottom - capHeightOf(drafted) };
}

/** A sleeve that takes a part of the bodice along lies beside what is left of front and back. */
function partsOnCapLine(drafted: DraftedSleeve): readonly SheetPart[] {
  if (drafted.family === "sewn") return [];
  return drafted.drawn.map(({ name, outline }) => ({ name, box: fromCapLine(drafted, boxOf([outline])) }));
}

/** The numbers of what a remedy would give, beside its outline. */
function PreviewFigures({ drafted }: { readonly drafted: SewnSleeve }) {
  const tape = useTape();
  const { frame } = drafted.sleeve;
  const [front, back] = drafted.seams;
  const text = (mm: number) => formatLength(mm, tape);
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
  const tape = useTape();
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
      Stopped at {formatLength(value, tape)}: {why}.
    </Box>
  );
}
