import { handOut } from "@app/components/hand-out";
import { useThrottledWork } from "@app/work/use-throttled-work";
import { WorkColumns } from "@app/work/work-columns";
import { Box, Button, Flex, Text } from "@chakra-ui/react";
import { type ArmPose, HANGING, type ToilePicture, type WornFault } from "@core/toile/index";
import { useCallback, useMemo, useRef, useState } from "react";
import { ClothFigures } from "./cloth-figures";
import { FitIt } from "./fit-it";
import { ToileProgress } from "./toile-progress";
import type { View } from "./toile-scene";
import { type ToileHandle, ToileView } from "./toile-view";
import { TradeCap } from "./trade-cap";
import { type ToileState, useToile } from "./use-toile";
import { WearChoices } from "./wear-choices";
import { StrainMap, WearSide } from "./wear-side";
import { type Drawn, WearTools } from "./wear-tools";

/** The garment sewn up from its own pieces and worn, before any cloth is cut. */
export function WearStation() {
  const spec = useThrottledWork((work) => work.spec);
  const [pose, setPose] = useState<ArmPose>(HANGING);
  const toile = useToile(spec, pose);
  const fields = useMemo(
    () => (
      <>
        <WearChoices pose={pose} onPose={setPose} />
        <ClothFigures />
      </>
    ),
    [pose],
  );
  return (
    <WorkColumns
      fields={fields}
      sheet={<Toile toile={toile} name={spec.name || "garment"} />}
      side={{
        panel: "side",
        name: "What it shows",
        content: (
          <>
            <WearSide shown={toile.why ? null : toile.shown} />
            <FitIt toile={toile} />
            <TradeCap toile={toile} />
            <StrainMap shown={toile.why ? null : toile.shown} />
          </>
        ),
      }}
    />
  );
}

/** The toile to look at, with what can be done about it. `name` is what its picture is called. */
function Toile({ toile, name }: { readonly toile: ToileState; readonly name: string }) {
  const { shown, isBusy, isStopped, doing, why, stop, again } = toile;
  const [drawn, setDrawn] = useState<Drawn>({ surface: "plain", hasLines: true });
  const [before, setBefore] = useState<ToilePicture | null>(null);
  const handle = useRef<ToileHandle>(null);
  const faults = shown?.report.faults ?? [];
  const picture = faults.length > 0 ? null : (shown?.picture ?? null);
  const look = useCallback((view: View) => handle.current?.lookFrom(view), []);
  const keepBeside = useCallback(() => setBefore((kept) => (kept ? null : picture)), [picture]);
  const save = useCallback(async () => {
    const blob = await handle.current?.picture();
    if (blob) handOut(blob, `${name}-worn.png`);
  }, [name]);
  return (
    <Flex direction="column" h="100%">
      <WearTools
        drawn={drawn}
        onDrawn={setDrawn}
        onView={look}
        isBeside={before !== null}
        onBeside={picture && keepBeside}
        onSave={picture && save}
      />
      <Box flex="1" minH="0" position="relative">
        {why ? (
          <Says words={why} />
        ) : faults.length > 0 ? (
          <NotAsWorn faults={faults} />
        ) : (
          <ToileView picture={picture} before={before} {...drawn} handle={handle} />
        )}
        {isBusy && <ToileProgress doing={doing} stop={stop} />}
        {isStopped && (
          <Flex className="toile-progress" align="center" gap="3">
            <Button size="sm" variant="outline" onClick={again}>
              Wear it
            </Button>
          </Flex>
        )}
      </Box>
    </Flex>
  );
}

/** What is in the way of a toile that could be believed, each in its sentence. */
function NotAsWorn({ faults }: { readonly faults: readonly WornFault[] }) {
  return (
    <Box display="grid" placeItems="center" h="100%" bg="panel" color="inkSoft" px="6">
      <Box maxW="34rem" className="toile-says" role="status">
        <Text mb="2">The toile is not shown, since nothing that it shows would be so on a person:</Text>
        <ul>
          {faults.map(({ code, says }) => (
            <li key={says} data-toile-fault={code}>
              {says}
            </li>
          ))}
        </ul>
        <Text mt="2">Other figures, or a simpler sleeve or collar, may hang.</Text>
      </Box>
    </Box>
  );
}

function Says({ words }: { readonly words: string }) {
  return (
    <Box display="grid" placeItems="center" h="100%" bg="panel" color="inkSoft" px="6">
      <Text maxW="34rem" className="toile-says">
        {words}
      </Text>
    </Box>
  );
}
