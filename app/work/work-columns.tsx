import { Box, Grid } from "@chakra-ui/react";
import type { ReactNode } from "react";
import { usePanelsShown } from "./panels-wait";

type Props = { readonly fields: ReactNode; readonly sheet: ReactNode; readonly side: ReactNode };

/** Figures to the left, the sheet, what is said of it to the right; under each other where there is no room. */
export function WorkColumns({ fields, sheet, side }: Props) {
  const areShown = usePanelsShown();
  return (
    <Grid
      templateColumns={{
        base: "minmax(0, 1fr)",
        md: "minmax(0, 19rem) minmax(0, 1fr)",
        // The sheet is the main thing: it has 768 of 1280 pixels.
        xl: "16rem minmax(0, 1fr) 16rem",
      }}
      templateRows={{ base: "auto", md: "minmax(28rem, calc(100dvh - 15rem)) auto", xl: "minmax(0, 1fr)" }}
      h={{ xl: "calc(100dvh - 8.75rem)" }}
    >
      <Box
        order={{ base: 2, md: 1 }}
        overflowY="auto"
        px="4"
        py="4"
        borderRight="1px solid"
        borderColor="rule"
        data-fields
      >
        {areShown && fields}
      </Box>
      <Box order={{ base: 1, md: 2 }} minW="0" minH={{ base: "60dvh", md: 0 }}>
        {sheet}
      </Box>
      <Box
        order={3}
        gridColumn={{ md: "1 / -1", xl: "auto" }}
        overflowY="auto"
        px="4"
        py="4"
        borderStyle="solid"
        borderLeftWidth={{ base: "0", xl: "1px" }}
        borderTopWidth={{ base: "1px", xl: "0" }}
        borderColor="rule"
        data-side
      >
        {areShown && side}
      </Box>
    </Grid>
  );
}
