import { Box, chakra, Flex, Heading } from "@chakra-ui/react";
import type { ReactNode } from "react";
import { Link } from "react-router";

/** A plain page of the workroom: its title, what can be done, and the matter itself. */
export function Page({
  title,
  actions,
  children,
}: {
  readonly title: string;
  readonly actions?: ReactNode;
  readonly children: ReactNode;
}) {
  return (
    <Box maxW="70rem" w="100%" mx="auto" px={{ base: 4, md: 8 }} py="7">
      <Flex align="baseline" justify="space-between" gap="4" wrap="wrap" mb="6">
        <Heading as="h1" fontFamily="heading" fontSize="3xl" fontWeight="600" minW="0" overflowWrap="anywhere">
          {title}
        </Heading>
        {actions}
      </Flex>
      {children}
    </Box>
  );
}

/** A link that is the page's main act. */
export const ActionLink = chakra(Link, {
  base: {
    display: "inline-block",
    px: "4",
    py: "1.5",
    bg: "chalk",
    color: "onChalk",
    borderRadius: "sm",
    fontWeight: "600",
    textDecoration: "none",
    _hover: { opacity: 0.9 },
  },
});
