import { LengthText } from "@app/components/length-text";
import { useWork } from "@app/work/work-context";
import { Box, Button, Text, VStack } from "@chakra-ui/react";
import { pathLength, readPathData } from "@core/geometry/index";
import type { OutlineHalfSpec } from "@core/spec/index";
import { useSearchParams } from "react-router";

const EDGES = ["armhole", "neckline", "shoulder"] as const;

/** Which edges were taken from the drawing or the photograph, and the way back to choose again. */
export function OutlineSummary() {
  const block = useWork((work) => work.spec.block);
  const [, setSearch] = useSearchParams();
  if (block.source !== "outline") return null;
  const from = block.from ?? "drawing";
  return (
    <VStack align="stretch" gap="2.5">
      {(["front", "back"] as const).map((side) => (
        <EdgesOf key={side} side={side} half={block[side]} />
      ))}
      {block.error !== undefined && (
        <Text fontSize="sm" color="inkSoft">
          Each length is good to about ± <LengthText mm={block.error} />.
        </Text>
      )}
      <Box>
        <Button
          size="sm"
          variant="outline"
          borderColor="ruleStrong"
          color="ink"
          onClick={() => setSearch({ from }, { preventScrollReset: true })}
        >
          {from === "drawing" ? "Open a drawing again" : "Trace a photograph again"}
        </Button>
      </Box>
    </VStack>
  );
}

function EdgesOf({ side, half }: { readonly side: "front" | "back"; readonly half: OutlineHalfSpec }) {
  return (
    <Box as="dl" display="grid" gridTemplateColumns="1fr auto" columnGap="3" rowGap="0.5">
      {EDGES.map((edge) => (
        <Box key={edge} display="contents">
          <Text as="dt">
            {side === "front" ? "Front" : "Back"} {edge}
          </Text>
          <Text as="dd" color={half[edge] === undefined ? "warn" : "ink"} data-edge-length={`${side}.${edge}`}>
            {half[edge] === undefined ? "stands in" : <EdgeLength data={half[edge]} />}
          </Text>
        </Box>
      ))}
    </Box>
  );
}

function EdgeLength({ data }: { readonly data: string }) {
  const path = readPathData(data);
  return path ? <LengthText mm={pathLength(path)} /> : null;
}
