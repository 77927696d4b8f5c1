import { LengthText } from "@app/components/length-text";
import { useTape } from "@app/components/preferences";
import { Box, Button, Flex, Heading, Text } from "@chakra-ui/react";
import type { Garment } from "@core/garment/index";
import { boxOf, type Path, svgPathData } from "@core/geometry/index";
import { layPart, type Seam, type WalkMoment } from "@core/pattern/index";
import { formatLength } from "@core/tape/index";
import { Pause, Play } from "lucide-react";
import type { WalkState } from "./use-walk";

type Props = { readonly garment: Garment; readonly seams: readonly Seam[]; readonly state: WalkState };

/** In shares of the seam, so that its end can be reached exactly. */
const SLIDER_STEPS = 1000;
const EIGHTH_MM = 25.4 / 8;

/** The sleeve walked round the armhole as two fingers do it, but exactly: scrubbed with the slider, or played. */
export function WalkPanel({ garment, seams, state }: Props) {
  const tape = useTape();
  const { seam, body, walk, moment, isAtEnd, isPlaying, choose, goTo, play } = state;
  const [onBody, onPart] = [seam.bodyName, seam.partName];
  const end = seam.sections.at(-1)?.to ?? "end";
  return (
    <Box as="section" aria-label="The walk" mt="4">
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600">
        The walk
      </Heading>
      <Text color="inkSoft" mb="2">
        {seam.kind === "armhole"
          ? "The cap rolled along the armhole from the underarm to the shoulder, taking in the wanted ease where it is wanted."
          : "One edge rolled along the other, from where the seam begins to where it ends."}
      </Text>
      <Flex gap="2" mb="2" align="center" wrap="wrap">
        {seams.map((one) => (
          <Button
            key={one.id}
            size="sm"
            variant="outline"
            borderColor={one.id === seam.id ? "chalk" : "ruleStrong"}
            bg={one.id === seam.id ? "chalkPale" : "transparent"}
            color="ink"
            aria-pressed={one.id === seam.id}
            onClick={() => choose(one.id)}
          >
            {one.name.replace(" armhole", "")}
          </Button>
        ))}
        <Button size="sm" variant="outline" borderColor="ruleStrong" color="ink" onClick={play}>
          {isPlaying ? <Pause size={16} aria-hidden /> : <Play size={16} aria-hidden />} {isPlaying ? "Hold" : "Walk"}
        </Button>
      </Flex>
      <Box bg="panel" border="1px solid" borderColor="rule" h="300px">
        <WalkDrawing seam={seam} body={body} moment={moment} garment={garment} />
      </Box>
      <Box asChild w="100%" mt="2">
        <input
          type="range"
          aria-label="How far the walk has come"
          data-walk
          min={0}
          max={SLIDER_STEPS}
          value={Math.round((moment.bodyAt / seam.bodyLength) * SLIDER_STEPS)}
          aria-valuetext={formatLength(moment.bodyAt, tape)}
          onChange={(event) => goTo((Number(event.currentTarget.value) / SLIDER_STEPS) * seam.bodyLength)}
        />
      </Box>
      <Text data-walk-says>
        <LengthText mm={moment.bodyAt} /> along the {onBody} lies <LengthText mm={moment.partAt} /> along the {onPart};{" "}
        <LengthText mm={moment.easedIn} /> eased in up to here.
        {isAtEnd && (
          <b>
            {" "}
            {Math.abs(walk.gap) < EIGHTH_MM / 2 ? (
              `At the ${end} nothing is over.`
            ) : (
              <>
                At the {end} <LengthText mm={Math.abs(walk.gap)} />{" "}
                {walk.gap > 0 ? `of the ${onPart} is over.` : `of the ${onPart} is missing.`}
              </>
            )}
          </b>
        )}
      </Text>
    </Box>
  );
}

type DrawingProps = {
  readonly seam: Seam;
  readonly body: Path;
  readonly moment: WalkMoment;
  readonly garment: Garment;
};

function WalkDrawing({ seam, body, moment, garment }: DrawingProps) {
  const box = boxOf([body]);
  const margin = 70;
  const sleeve = layPart(outlineWith(garment, seam), moment);
  const edge = layPart(seam.partPath, moment);
  return (
    <svg
      className="sheet scaled"
      role="img"
      aria-label={`The ${seam.bodyName} with the ${seam.partName} lying on it at this moment of the walk`}
      viewBox={`${box.left - 2 * margin} ${box.top - margin / 2} ${box.right - box.left + 4 * margin} ${box.bottom - box.top + margin}`}
      width="100%"
      height="100%"
    >
      <path className="walked-piece" d={svgPathData(sleeve, true)} />
      <path className="seam" d={svgPathData(body)} />
      <path className="seam new" d={svgPathData(edge)} />
      <circle className="point" cx={moment.bodyPoint.x} cy={moment.bodyPoint.y} r={3.4} />
    </svg>
  );
}

/** The outline of the piece whose edge is walked. */
function outlineWith({ sleeve, pieces }: Garment, { kind, part, partPath }: Seam): Path {
  if (sleeve?.family === "sewn" && kind === "armhole") return sleeve.whole.outline;
  const piece = part.split(".")[0];
  return (sleeve?.drawn ?? []).concat(pieces).find((one) => one.id === piece)?.outline ?? partPath;
}
