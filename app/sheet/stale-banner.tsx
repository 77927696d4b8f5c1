import { Box } from "@chakra-ui/react";
import type { ReactNode } from "react";

/** Says above the sheet that it shows what worked last, and not what the figures say now. */
export function StaleBanner({ children }: { readonly children: ReactNode }) {
  return (
    <Box px="4" py="2" bg="faultPale" color="ink" borderLeft="4px solid" borderColor="fault" role="status">
      {children}
    </Box>
  );
}
