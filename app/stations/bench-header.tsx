import { ON_A_GARMENT } from "@app/components/keys";
import type { MergedSave } from "@app/work/save-answer";
import { saveWork } from "@app/work/save-work";
import { STATION_NAMES } from "@app/work/stations";
import { UndoButtons } from "@app/work/undo-buttons";
import { useThrottledWork } from "@app/work/use-throttled-work";
import { useWork, useWorkStore } from "@app/work/work-context";
import { redo, undo } from "@app/work/work-store";
import { Button, chakra, Flex, Text } from "@chakra-ui/react";
import { STATIONS, type Station, type StationState, stationState } from "@core/garment/index";
import { ChevronLeft, CircleAlert, CircleCheck, CircleHelp } from "lucide-react";
import { lazy, Suspense, useEffect, useState } from "react";
import { Link, NavLink, useNavigate } from "react-router";
import { tinykeys } from "tinykeys";
import { useBenchKeys } from "./bench-keys";
import { Downloads } from "./downloads";

// Few ever see it.
const BesideNotes = lazy(async () => ({ default: (await import("@app/work/beside-notes")).BesideNotes }));

const StationLink = chakra(NavLink, {
  base: {
    display: "flex",
    alignItems: "center",
    gap: "2",
    px: "3.5",
    pt: "1.5",
    pb: "2",
    color: "inkSoft",
    borderBottom: "3px solid transparent",
    whiteSpace: "nowrap",
    _hover: { color: "ink" },
    "&.active": { color: "ink", borderColor: "chalk" },
  },
});

type Props = {
  readonly garmentId: string;
  readonly client: { readonly id: string; readonly name: string };
  readonly station: Station;
};

export function BenchHeader({ garmentId, client, station }: Props) {
  const name = useWork((work) => work.spec.name);
  const [beside, setBeside] = useState<Beside | null>(null);
  useBenchKeys(garmentId);
  return (
    <Flex
      as="section"
      aria-label="Garment"
      className="bench-head not-printed"
      direction="column"
      bg="panel"
      borderBottom="1px solid"
      borderColor="rule"
      px={{ base: "3", md: "5" }}
      pt={{ base: "1", md: "2.5" }}
      gap="1"
    >
      <Flex align="center" gap={{ base: "1", md: "4" }} wrap={{ base: "nowrap", md: "wrap" }}>
        <Link className="bench-back" to="/" aria-label="To the worktable">
          <ChevronLeft size={22} aria-hidden />
        </Link>
        <Text
          as="h1"
          fontFamily="heading"
          fontSize={{ base: "lg", md: "xl" }}
          fontWeight="600"
          minW="0"
          lineClamp={{ base: 1, md: "none" }}
          overflowWrap="anywhere"
        >
          {name}
        </Text>
        <Text className="wide-only" color="inkSoft" minW="0" overflowWrap="anywhere">
          for <Link to={`/clients/${client.id}`}>{client.name}</Link>
        </Text>
        <StationChoice garmentId={garmentId} station={station} />
        <SaveBar garmentId={garmentId} onBeside={setBeside} />
      </Flex>
      {beside && (
        <Suspense fallback={null}>
          <BesideNotes {...beside} onClose={() => setBeside(null)} />
        </Suspense>
      )}
      <Flex as="nav" className="bench-stations" aria-label="Stations" overflowX="auto" position="relative">
        {STATIONS.map((one) => (
          <StationLink
            key={one}
            to={`/garments/${garmentId}/${one}`}
            aria-current={one === station ? "page" : undefined}
            prefetch="none"
          >
            {STATION_NAMES[one]}
            <StationMark station={one} />
          </StationLink>
        ))}
        {PAGES.map(({ id, name }, i) => (
          <StationLink key={id} to={`/garments/${garmentId}/${id}`} ml={i === 0 ? "auto" : undefined}>
            {name}
          </StationLink>
        ))}
      </Flex>
    </Flex>
  );
}

/** The other two pages of a garment. */
const PAGES = [
  { id: "fittings", name: "Fittings" },
  { id: "versions", name: "Versions" },
] as const;

/** Where there is no room for a row of stations: all of them in one box. */
function StationChoice({ garmentId, station }: { readonly garmentId: string; readonly station: Station }) {
  const go = useNavigate();
  return (
    <select
      className="bench-choice"
      aria-label="Station"
      value={station}
      onChange={(event) => void go(`/garments/${garmentId}/${event.currentTarget.value}`)}
    >
      {STATIONS.map((one) => (
        <option key={one} value={one}>
          {STATION_NAMES[one]}
        </option>
      ))}
      {PAGES.map(({ id, name }) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </select>
  );
}

const MARKS = { done: CircleCheck, asks: CircleHelp, fault: CircleAlert } as const;
const MARK_COLOURS = { done: "good", asks: "warn", fault: "fault" } as const;

function StationMark({ station }: { readonly station: Station }) {
  const state = useThrottledWork((work) => stationState(station, work.garment), isSameState);
  const Icon = MARKS[state.mark];
  return (
    <Flex as="span" align="center" gap="1" fontSize="sm" whiteSpace="nowrap" color={MARK_COLOURS[state.mark]}>
      <Icon size={15} aria-hidden />
      <Text as="span" className={state.mark === "done" ? "station-quiet" : undefined} srOnly={state.mark === "done"}>
        {state.says}
      </Text>
    </Flex>
  );
}

function isSameState(a: StationState, b: StationState): boolean {
  return a.mark === b.mark && a.says === b.says;
}

type Told = { readonly kind: "saved" | "beside" | "failed"; readonly text: string };

type Beside = { readonly besides: number; readonly together: MergedSave };

function SaveBar({ garmentId, onBeside }: { readonly garmentId: string; readonly onBeside: (beside: Beside) => void }) {
  const store = useWorkStore();
  const version = useWork((work) => work.savedVersion);
  const isChanged = useWork((work) => work.spec !== work.savedSpec);
  const unread = useWork((work) => Object.keys(work.typed).length);
  const [isSaving, setSaving] = useState(false);
  const [told, setTold] = useState<Told | null>(null);
  const [note, setNote] = useState("");

  const save = async () => {
    const { spec, savedVersion, markSaved } = store.getState();
    setSaving(true);
    const answer = await saveWork(garmentId, spec, savedVersion, note);
    setSaving(false);
    if (!answer.saved) return setTold({ kind: "failed", text: answer.reason });
    const { number, besides, together } = answer;
    setNote("");
    markSaved(spec, number);
    if (besides === null) return setTold({ kind: "saved", text: `Saved as version ${number}.` });
    setTold({
      kind: "beside",
      text: `Saved as version ${number}. Version ${besides} was saved elsewhere meanwhile; both are kept.`,
    });
    if (!together) return;
    onBeside({ besides, together });
    const { readMerged } = await import("@app/work/read-merged");
    const read = readMerged(together.file);
    // What was typed while it was being saved is not taken away again.
    if (!read.ok || together.number === number || store.getState().spec !== spec) return;
    const merged = { ...read.spec, unit: spec.unit };
    store.getState().takeSpec(merged);
    store.getState().markSaved(merged, together.number);
  };

  useEffect(
    () =>
      tinykeys(window, {
        [ON_A_GARMENT.undo.press]: (event: KeyboardEvent) => outsideBoxes(event, () => undo(store)),
        [ON_A_GARMENT.redoToo.press]: (event: KeyboardEvent) => outsideBoxes(event, () => redo(store)),
        [ON_A_GARMENT.redo.press]: (event: KeyboardEvent) => outsideBoxes(event, () => redo(store)),
        [ON_A_GARMENT.save.press]: (event: KeyboardEvent) => {
          event.preventDefault();
          document.getElementById("save-garment")?.click();
        },
      }),
    [store],
  );

  return (
    <Flex className="bench-save" align="center" gap={{ base: "0", md: "2" }} flex="1" justify="flex-end" wrap="wrap">
      <Text
        className={told?.kind === "failed" || told?.kind === "beside" ? "bench-told" : "wide-only"}
        fontSize="sm"
        color={told?.kind === "failed" ? "fault" : "inkSoft"}
        role="status"
        data-told={told?.kind}
      >
        {told && (told.kind === "failed" || !isChanged)
          ? told.text
          : isChanged
            ? `Changed since version ${version}, kept in this browser`
            : `Version ${version}`}
        {unread > 0 && !isSaving ? " · a figure is not readable yet" : ""}
      </Text>
      <Flex className="desk-row">
        <UndoButtons />
      </Flex>
      <Downloads garmentId={garmentId} />
      <Button
        id="save-garment"
        size="sm"
        bg="chalk"
        color="onChalk"
        disabled={!isChanged || isSaving}
        loading={isSaving}
        loadingText="Saving"
        onClick={() => void save()}
      >
        Save
      </Button>
      {isChanged && (
        <input
          className="save-note"
          aria-label="Note on what is saved"
          placeholder="What for"
          maxLength={300}
          value={note}
          onChange={(event) => setNote(event.currentTarget.value)}
        />
      )}
    </Flex>
  );
}

/** In a box the keys undo the typing, as everywhere; outside they undo the draft. */
function outsideBoxes(event: KeyboardEvent, act: () => void): void {
  if (event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement) return;
  event.preventDefault();
  act();
}
