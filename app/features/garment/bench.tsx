import { Card } from "@app/features/card/card";
import { MatchStation } from "@app/features/match/match-station";
import { BlockSheet } from "@app/features/sheet/block-sheet";
import { SleeveSheet } from "@app/features/sheet/sleeve-sheet";
import { Box, Grid } from "@chakra-ui/react";
import type { ReactNode } from "react";
import { BenchHeader } from "./bench-header";
import { BlockFields } from "./block-fields";
import { FindingsPanel } from "./findings-panel";
import { MeasuresFields } from "./measures-fields";
import { SleeveFields } from "./sleeve-fields";
import type { Station } from "./stations";

type Props = {
  readonly garmentId: string;
  readonly client: { readonly id: string; readonly name: string };
  readonly station: Station;
};

/** The garment on the table: its stations along the top, figures to the left, the sheet, what was found to the right. */
export function Bench({ garmentId, client, station }: Props) {
  return (
    <>
      <BenchHeader garmentId={garmentId} client={client} station={station} />
      {station === "measures" && <ThreeColumns fields={<MeasuresFields client={client} />} sheet={<SleeveSheet />} />}
      {station === "block" && <ThreeColumns fields={<BlockFields />} sheet={<BlockSheet />} />}
      {station === "sleeve" && <ThreeColumns fields={<SleeveFields />} sheet={<SleeveSheet />} />}
      {station === "match" && <MatchStation />}
      {station === "card" && <Card />}
    </>
  );
}

function ThreeColumns({ fields, sheet }: { readonly fields: ReactNode; readonly sheet: ReactNode }) {
  return (
    <Grid
      templateColumns={{
        base: "minmax(0, 1fr)",
        md: "minmax(0, 19rem) minmax(0, 1fr)",
        xl: "20rem minmax(0, 1fr) 20rem",
      }}
      templateRows={{ base: "auto", md: "minmax(28rem, calc(100dvh - 15rem)) auto", xl: "minmax(0, 1fr)" }}
      h={{ xl: "calc(100dvh - 8.75rem)" }}
    >
      <Box
        order={{ base: 2, md: 1 }}
        overflowY="auto"
        px="5"
        py="4"
        borderRight="1px solid"
        borderColor="rule"
        data-fields
      >
        {fields}
      </Box>
      <Box order={{ base: 1, md: 2 }} minW="0" minH={{ base: "60dvh", md: 0 }}>
        {sheet}
      </Box>
      <Box
        order={3}
        gridColumn={{ md: "1 / -1", xl: "auto" }}
        overflowY="auto"
        px="5"
        py="4"
        borderStyle="solid"
        borderLeftWidth={{ base: "0", xl: "1px" }}
        borderTopWidth={{ base: "1px", xl: "0" }}
        borderColor="rule"
      >
        <FindingsPanel />
      </Box>
    </Grid>
  );
}
