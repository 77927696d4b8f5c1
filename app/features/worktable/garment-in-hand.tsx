import { LengthText } from "@app/components/length-text";
import { STATION_NAMES } from "@app/features/garment/stations";
import { Box, chakra, Flex, Grid, Text } from "@chakra-ui/react";
import type { Station } from "@core/garment/index";
import type { Box as DraftBox } from "@core/geometry/index";
import { Link } from "react-router";

type Props = {
  readonly garment: {
    readonly id: string;
    readonly name: string;
    readonly clientName: string;
    readonly version: number;
    readonly changed: string;
    readonly next: {
      readonly station: Station;
      readonly mark: "done" | "asks" | "fault";
      readonly says: string;
    } | null;
    readonly drawing: { readonly data: string; readonly box: DraftBox } | null;
    readonly sleeve: {
      readonly title: string;
      readonly capHeight: number | null;
      readonly capEase: number | null;
    } | null;
    readonly collar: string | null;
  };
};

const Name = chakra(Link, {
  base: { fontFamily: "heading", fontSize: "xl", fontWeight: "600", color: "ink", _hover: { color: "chalk" } },
});
const Outline = chakra("path", {
  base: { fill: "panel", stroke: "ink", vectorEffect: "non-scaling-stroke", strokeWidth: "1.3px" },
});

/** A garment in hand: its sleeve or collar in small, for whom, and what it asks for next. */
export function GarmentInHand({ garment }: Props) {
  const { next, sleeve, collar } = garment;
  const station = next?.station ?? (sleeve === null && collar !== null ? "collar" : "sleeve");
  return (
    <Grid
      as="article"
      templateColumns={{ base: "4rem minmax(0, 1fr)", md: "5rem minmax(0, 2fr) minmax(0, 1.2fr) minmax(0, 1.4fr)" }}
      alignItems="center"
      columnGap="6"
      rowGap="1"
      py="3.5"
      borderTop="1px solid"
      borderColor="rule"
    >
      <Box h="4.5rem" gridRow={{ base: "span 3", md: "auto" }}>
        {garment.drawing && <SmallDrawing {...garment.drawing} />}
      </Box>
      <Box minW="0" overflowWrap="anywhere">
        <Name to={`/garments/${garment.id}/${station}`}>{garment.name}</Name>
        <Text color="inkSoft">
          for {garment.clientName} · version {garment.version}, {garment.changed}
        </Text>
      </Box>
      <Text color="inkSoft">
        {sleeve === null ? (
          collar === null && "no sleeve yet"
        ) : sleeve.capHeight !== null && sleeve.capEase !== null ? (
          <>
            cap <LengthText mm={sleeve.capHeight} /> high, ease <LengthText mm={sleeve.capEase} />
          </>
        ) : (
          sleeve.title
        )}
        {collar !== null && (
          <Text as="span" display="block">
            {collar}
          </Text>
        )}
      </Text>
      <Flex>
        <Text color={next === null ? "good" : next.mark === "fault" ? "fault" : "warn"}>
          {next === null ? "Everything in order" : `${STATION_NAMES[next.station]}: ${next.says}`}
        </Text>
      </Flex>
    </Grid>
  );
}

function SmallDrawing({ data, box }: { readonly data: string; readonly box: DraftBox }) {
  const margin = 12;
  return (
    <chakra.svg
      aria-hidden
      width="100%"
      height="100%"
      viewBox={`${box.left - margin} ${box.top - margin} ${box.right - box.left + 2 * margin} ${box.bottom - box.top + 2 * margin}`}
    >
      <Outline d={data} />
    </chakra.svg>
  );
}
