import { useWalk } from "@app/sheet/use-walk";
import { WalkPanel } from "@app/sheet/walk-panel";
import { EmptyStation, GoOnAt } from "@app/work/empty-station";
import { FindingsNotes } from "@app/work/findings-panel";
import { useWork } from "@app/work/work-context";
import { Box, Grid, Heading, Text } from "@chakra-ui/react";
import type { SewnSleeve } from "@core/drafting/index";
import type { Garment } from "@core/garment/index";
import { EaseChart } from "./ease-chart";
import { NotchTable, PairTable, SectionTable } from "./match-tables";
import { PairRibbons } from "./pair-ribbons";
import { PartThatExists } from "./part-that-exists";
import { RibbonHandles } from "./ribbon-handles";
import { SeamRibbons } from "./seam-ribbons";
import { WalkThread } from "./walk-thread";

/** The cap against the armhole: where each mark meets its partner, and where the ease lies. */
export function MatchStation() {
  const garment = useWork((work) => work.garment);
  const drafted = garment.sleeve;
  if (garment.seams.length === 0) {
    return (
      <>
        <EmptyStation station="match" why="There is no sleeve and no collar to match yet.">
          <GoOnAt station="sleeve">Choose a sleeve</GoOnAt>
        </EmptyStation>
        <Box maxW="44rem" mx="auto" px="6">
          <FindingsNotes hasSleeve={false} />
        </Box>
      </>
    );
  }
  return drafted?.family === "sewn" ? (
    <Matched garment={garment} drafted={drafted} />
  ) : (
    <MatchedPairs garment={garment} />
  );
}

type Props = { readonly garment: Garment; readonly drafted: SewnSleeve };

function Matched({ garment, drafted }: Props) {
  const seams = garment.seams;
  const walk = useWalk(seams);
  return (
    <Grid templateColumns={{ base: "minmax(0, 1fr)", lg: "minmax(0, 1fr) 20rem" }} flex="1">
      <Box px="6" py="4" minW="0">
        <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600">
          Seam ribbons
        </Heading>
        <Text color="inkSoft" mb="2">
          Armhole above, cap below, laid out straight. Threads join what is sewn together; the shaded part is{" "}
          {drafted.styled?.crownRatio ? "gathered" : "eased"} in. Move a notch on the armhole and it goes along on the
          cap; move it on the cap and the ease moves past it.
        </Text>
        <SeamRibbons
          seams={drafted.seams}
          notches={drafted.notches}
          handles={(scale) => (
            <>
              <WalkThread walk={walk} seams={drafted.seams} scale={scale} />
              <RibbonHandles drafted={drafted} scale={scale} />
            </>
          )}
        />
        {garment.collar?.seams.map((seam) => (
          <PairRibbons key={seam.id} seam={seam} />
        ))}
        <WalkPanel garment={garment} seams={seams} state={walk} />
        <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600" mt="4">
          Where the ease lies
        </Heading>
        <Text color="inkSoft" mb="2">
          Ease taken in for each length of armhole, in per cent. The dashed line is about what{" "}
          {garment.resolved.cloth.name.toLowerCase()} takes.
        </Text>
        <EaseChart seams={drafted.seams} notches={drafted.notches} limit={garment.resolved.cloth.mostEaseShare} />
      </Box>
      <Box px="5" py="4" borderStyle="solid" borderLeftWidth={{ base: "0", lg: "1px" }} borderColor="rule">
        <FindingsNotes hasSleeve />
        <SectionTable seams={drafted.seams} />
        <NotchTable notches={drafted.notches} />
        {garment.collar && <PairTable seams={garment.collar.seams} />}
        <PartThatExists />
      </Box>
    </Grid>
  );
}

/** Without an armhole and a cap to lay out, each pair of edges by itself. */
function MatchedPairs({ garment }: { readonly garment: Garment }) {
  const seams = garment.seams;
  const walk = useWalk(seams);
  return (
    <Grid templateColumns={{ base: "minmax(0, 1fr)", lg: "minmax(0, 1fr) 20rem" }} flex="1">
      <Box px="6" py="4" minW="0">
        <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600">
          Seam ribbons
        </Heading>
        <Text color="inkSoft" mb="2">
          Each pair of edges laid out straight, one above the other. Threads join what is sewn together.
        </Text>
        {seams.map((seam) => (
          <PairRibbons key={seam.id} seam={seam} />
        ))}
        <WalkPanel garment={garment} seams={seams} state={walk} />
      </Box>
      <Box px="5" py="4" borderStyle="solid" borderLeftWidth={{ base: "0", lg: "1px" }} borderColor="rule">
        <FindingsNotes hasSleeve />
        <PairTable seams={garment.seams} />
        <PartThatExists />
      </Box>
    </Grid>
  );
}
