import { Box, Text } from "@chakra-ui/react";
import type { Station } from "@core/garment/index";
import type { ReactNode } from "react";
import { Link } from "react-router";
import { STATION_PURPOSES } from "./stations";

type Props = {
  readonly station: Station;
  /** Why there is nothing yet. */
  readonly why: string;
  /** With what one press goes on; more than a press where it is chosen by picture. */
  readonly children?: ReactNode;
};

/** A station with nothing on it yet: what it is for, why it is empty, and how to go on. */
export function EmptyStation({ station, why, children }: Props) {
  return (
    <Box display="grid" placeItems="center" h="100%" bg="panel" px="8" py="10" textAlign="center" data-empty={station}>
      <Box maxW="36rem">
        <Text fontFamily="heading" fontSize="xl" lineHeight="1.35">
          {STATION_PURPOSES[station]}
        </Text>
        <Text color="inkSoft" mt="3" mb="5">
          {why}
        </Text>
        {children}
      </Box>
    </Box>
  );
}

/** One press to another station of the same garment. */
export function GoOnAt({ station, children }: { readonly station: Station; readonly children: string }) {
  return (
    <Link className="plain-button" to={`../${station}`} relative="path">
      {children}
    </Link>
  );
}
