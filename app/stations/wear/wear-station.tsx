import { PressButton } from "@app/components/press-button";
import { useCalmWork } from "@app/work/use-calm-work";
import { WorkColumns } from "@app/work/work-columns";
import { Box, Button, Flex, Text } from "@chakra-ui/react";
import type { ToilePicture } from "@core/toile/index";
import { type ArmPose, HANGING } from "@core/toile/index";
import { useRef, useState } from "react";
import { ClothFigures } from "./cloth-figures";
import type { Surface } from "./toile-drawing";
import type { View } from "./toile-scene";
import { type ToileHandle, ToileView } from "./toile-view";
import { useToile } from "./use-toile";
import { WearChoices } from "./wear-choices";
import { WearSide } from "./wear-side";

const VIEWS: readonly { readonly id: View; readonly name: string }[] = [
  { id: "front", name: "Front" },
  { id: "back", name: "Back" },
  { id: "side", name: "Side" },
  { id: "above", name: "Above" },
];
const SURFACES: readonly { readonly id: Surface; readonly name: string }[] = [
  { id: "plain", name: "Plain" },
  { id: "stripes", name: "Stripes along the grain" },
  { id: "strain", name: "Stretch" },
];

/** The garment sewn up from its own pieces and worn, before any cloth is cut. */
export function WearStation() {
  const spec = useCalmWork((work) => work.spec);
  const cloth = useCalmWork((work) => work.garment.resolved.cloth);
  const [pose, setPose] = useState<ArmPose>(HANGING);
  const [surface, setSurface] = useState<Surface>("plain");
  const [hasLines, setHasLines] = useState(true);
  const [before, setBefore] = useState<ToilePicture | null>(null);
  const handle = useRef<ToileHandle>(null);
  const { shown, progress, why, stop, again } = useToile(spec, pose);
  const isTangled = shown?.report.isTangled ?? false;
  const save = async () => {
    const blob = await handle.current?.picture();
    if (!blob) return;
    const link = document.createElement("a");
    link.href = URL.createObjectURL(blob);
    link.download = `${spec.name || "garment"}-worn.png`;
    link.click();
    setTimeout(() => URL.revokeObjectURL(link.href), 1000);
  };
  return (
    <WorkColumns
      fields={
        <>
          <WearChoices pose={pose} onPose={setPose} />
          <ClothFigures />
        </>
      }
      sheet={
        <Flex direction="column" h="100%">
          <Flex
            wrap="wrap"
            gap="1"
            px="3"
            py="2"
            borderBottom="1px solid"
            borderColor="rule"
            className="not-printed"
            align="center"
          >
            {VIEWS.map(({ id, name }) => (
              <PressButton key={id} name={name} onPress={() => handle.current?.lookFrom(id)} />
            ))}
            <Box w="3" />
            {SURFACES.map(({ id, name }) => (
              <PressButton key={id} name={name} isOn={surface === id} onPress={() => setSurface(id)} />
            ))}
            <PressButton name="Seams and notches" isOn={hasLines} onPress={() => setHasLines(!hasLines)} />
            <Box w="3" />
            {shown && !isTangled && (
              <PressButton
                name={before ? "Put the other away" : "Keep beside, to compare"}
                isOn={before !== null}
                onPress={() => setBefore(before ? null : shown.picture)}
              />
            )}
            {shown && !isTangled && <PressButton name="Save the picture" onPress={() => void save()} />}
          </Flex>
          <Box flex="1" minH="0" position="relative">
            {why ? (
              <Says words={why} />
            ) : isTangled ? (
              <Says words="The toile is tangled: its cloth is caught in itself or on the body, or slides off it, so nothing that it shows would be so on a person. It is not shown. Other figures, or a simpler sleeve or collar, may hang." />
            ) : (
              <ToileView
                picture={shown?.picture ?? null}
                before={before}
                surface={surface}
                hasLines={hasLines}
                handle={handle}
              />
            )}
            {progress && (
              <Flex className="toile-progress" align="center" gap="3" role="status">
                <progress value={progress.share} max={1} aria-label={progress.says} />
                <span>{progress.says}</span>
                <Button size="sm" variant="outline" onClick={stop}>
                  Stop
                </Button>
              </Flex>
            )}
            {!progress && !shown && !why && (
              <Flex className="toile-progress" align="center" gap="3">
                <Button size="sm" variant="outline" onClick={again}>
                  Wear it
                </Button>
              </Flex>
            )}
          </Box>
        </Flex>
      }
      side={<WearSide shown={shown} isKnit={cloth.kind === "knit"} />}
    />
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
