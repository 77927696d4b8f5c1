import { PressButton } from "@app/components/press-button";
import { EmptyStation, GoOnAt } from "@app/work/empty-station";
import { useThrottledWork } from "@app/work/use-throttled-work";
import { WorkColumns } from "@app/work/work-columns";
import { useWorkStore } from "@app/work/work-context";
import { Box, Flex, Text } from "@chakra-ui/react";
import {
  clothOnTable,
  cutGarment,
  keptPlan,
  type LayCloth,
  type LayPlan,
  layPieces,
  liningPieces,
  placesOf,
} from "@core/cut/index";
import { inMakersOrder } from "@core/pattern/index";
import type { LinesShown } from "@exporting/line-choice";
import { useEffect, useMemo, useState } from "react";
import { CutChoices } from "./cut-choices";
import { CutSheet } from "./cut-sheet";
import { CutSide } from "./cut-side";
import { LaySheet } from "./lay-sheet";
import { MakingNotes } from "./making-notes";
import { useLayPlan } from "./use-lay-plan";

const VIEWS = [
  { id: "pieces", name: "Pieces" },
  { id: "outer", name: "Lay plan" },
  { id: "lining", name: "Lining" },
  { id: "interfacing", name: "Interfacing" },
  { id: "notes", name: "Making notes" },
] as const;
type ViewId = (typeof VIEWS)[number]["id"];

type Props = { readonly garmentId: string; readonly client: string };

/** The finished pieces ready for cloth: allowances, what lies where on it, how much to buy, and how it is sewn. */
export function CutStation({ garmentId, client }: Props) {
  const garment = useThrottledWork((work) => work.garment);
  const store = useWorkStore();
  const [shown, setShown] = useState<ViewId>("pieces");
  const [lines, setLines] = useState<LinesShown>("both");
  const cut = useMemo(() => cutGarment(garment), [garment]);
  const { lay } = garment.spec;
  const layCloth: LayCloth = shown === "interfacing" || shown === "lining" ? shown : "outer";
  const isLaying = shown !== "pieces" && shown !== "notes";
  const clothPieces = useMemo(
    () => (layCloth === "lining" ? liningPieces(garment) : cut.pieces),
    [layCloth, garment, cut],
  );
  const table = useMemo(() => clothOnTable({ spec: garment.spec }, layCloth), [garment.spec, layCloth]);
  const pieces = useMemo(() => layPieces(clothPieces, layCloth, table), [clothPieces, layCloth, table]);
  const kept = useMemo(
    () => (layCloth === "outer" && lay?.places ? keptPlan(pieces, lay.places, table) : null),
    [pieces, lay?.places, layCloth, table],
  );
  const search = useLayPlan(isLaying && !kept ? pieces : NONE, table);
  // The other way to lay the cloth is tried when this one has been: it may need less.
  const isSearched = isLaying && search.plan !== null && search.progress === null;
  const otherTable = useMemo(() => ({ ...table, isFolded: !table.isFolded }), [table]);
  const otherPieces = useMemo(
    () => (isSearched ? layPieces(clothPieces, layCloth, otherTable) : NONE),
    [isSearched, clothPieces, layCloth, otherTable],
  );
  const otherWay = useLayPlan(otherPieces, otherTable).plan;
  const [otherWidth, setOtherWidth] = useState<number | null>(null);
  const widerTable = useMemo(() => ({ ...table, width: otherWidth ?? table.width }), [table, otherWidth]);
  const widerPieces = useMemo(
    () => (isSearched && otherWidth !== null ? layPieces(clothPieces, layCloth, widerTable) : NONE),
    [isSearched, otherWidth, clothPieces, layCloth, widerTable],
  );
  const wider = useLayPlan(widerPieces, widerTable).plan;
  const [moved, setMoved] = useState<LayPlan | null>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a hand's own plan is of these pieces on this cloth only
  useEffect(() => setMoved(null), [pieces, table]);
  const plan = moved ?? kept ?? search.plan;
  const numbers = useMemo(
    () => new Map(inMakersOrder(garment.pieces).map(({ id }, i) => [id, i + 1])),
    [garment.pieces],
  );
  const { setField } = store.getState();
  const takePlan = (next: LayPlan) => {
    search.stop();
    setMoved(next);
    if (kept) setField("lay.places", placesOf(next));
  };
  return (
    <WorkColumns
      fields={<CutChoices pieces={cut.pieces} lines={lines} onLines={setLines} />}
      sheet={
        <Flex direction="column" h="100%">
          <Flex
            role="group"
            aria-label="What is shown"
            wrap="wrap"
            gap="1"
            px="3"
            py="2"
            borderBottom="1px solid"
            borderColor="rule"
            className="not-printed"
          >
            {VIEWS.map(({ id, name }) => (
              <PressButton key={id} name={name} isOn={shown === id} onPress={() => setShown(id)} />
            ))}
          </Flex>
          <Box flex="1" minH="0">
            {garment.pieces.length === 0 ? (
              <EmptyStation station="cut" why="There is nothing to cut yet.">
                <GoOnAt station="pieces">Go to the pieces</GoOnAt>
              </EmptyStation>
            ) : shown === "pieces" ? (
              <CutSheet pieces={cut.pieces} lines={lines} />
            ) : shown === "notes" ? (
              <MakingNotes garment={garment} garmentId={garmentId} />
            ) : pieces.length === 0 ? (
              <Empty
                words={
                  shown === "lining"
                    ? "This garment is not lined: choose a lining beside the cloth."
                    : "No piece of this garment is interfaced."
                }
              />
            ) : plan ? (
              <LaySheet plan={plan} pieces={pieces} table={table} numbers={numbers} onPlan={takePlan} />
            ) : (
              <Empty words="The first plan is being laid." />
            )}
          </Box>
        </Flex>
      }
      side={{
        panel: "side",
        name: "Plan and files",
        content: (
          <CutSide
            garmentId={garmentId}
            garment={garment}
            cut={cut}
            client={client}
            lines={lines}
            lay={
              isLaying && plan
                ? {
                    plan,
                    pieces,
                    table,
                    cloth: layCloth,
                    search,
                    isKept: kept !== null,
                    otherLength: otherWay?.length ?? null,
                    compared: { width: otherWidth, plan: wider },
                  }
                : null
            }
            onWidth={setOtherWidth}
            onKeep={(keep) => setField("lay.places", keep && plan ? placesOf(plan) : undefined)}
          />
        ),
      }}
    />
  );
}

const NONE: readonly never[] = [];

function Empty({ words }: { readonly words: string }) {
  return (
    <Box display="grid" placeItems="center" h="100%" bg="panel" color="inkSoft">
      <Text>{words}</Text>
    </Box>
  );
}
