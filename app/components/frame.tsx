import { Box, chakra, Flex } from "@chakra-ui/react";
import { Moon, Sun } from "lucide-react";
import type { ReactNode } from "react";
import { Link, NavLink } from "react-router";
import { Mark } from "./mark";
import { usePreferences } from "./preferences";
import { UnitSwitch } from "./unit-switch";

const NavigationLink = chakra(NavLink, {
  base: {
    px: { base: "1", md: "2.5" },
    py: "1.5",
    fontSize: { base: "sm", md: "md" },
    color: "inkSoft",
    borderBottom: "2px solid transparent",
    _hover: { color: "ink" },
    "&.active": { color: "ink", borderColor: "chalk" },
  },
});

const HomeLink = chakra(Link);
const PlainButton = chakra("button");

/** The strip along the top of every page, and the page under it. */
export function Frame({ children }: { readonly children: ReactNode }) {
  const { look, setLook } = usePreferences();
  const other = look === "light" ? "dark" : "light";
  return (
    <Flex direction="column" minH="100dvh">
      <Flex
        as="header"
        className="not-printed"
        align="center"
        gap={{ base: "1.5", md: "5" }}
        px={{ base: "3", md: "5" }}
        h="12"
        bg="panel"
        borderBottom="1px solid"
        borderColor="rule"
      >
        <HomeLink
          to="/"
          aria-label="Gamine, to the worktable"
          display="flex"
          alignItems="center"
          gap="2"
          fontFamily="heading"
          fontSize="xl"
          fontWeight="600"
          color="ink"
        >
          <Mark />
          <Box as="span" display={{ base: "none", md: "inline" }}>
            Gamine
          </Box>
        </HomeLink>
        <Flex as="nav" aria-label="Main" gap="1" flex="1">
          <NavigationLink to="/" end>
            Worktable
          </NavigationLink>
          <NavigationLink to="/clients">Clients</NavigationLink>
          <NavigationLink to="/cloths">Cloths</NavigationLink>
          <NavigationLink to="/shelves">Put away</NavigationLink>
        </Flex>
        <UnitSwitch />
        <PlainButton
          type="button"
          onClick={() => setLook(other)}
          aria-label={`Change to ${other} paper`}
          title={`Change to ${other} paper`}
          p="2"
          color="inkSoft"
          cursor="pointer"
          _hover={{ color: "ink" }}
        >
          {look === "light" ? <Moon size={18} aria-hidden /> : <Sun size={18} aria-hidden />}
        </PlainButton>
      </Flex>
      <Box as="main" flex="1" minH="0" display="flex" flexDirection="column">
        {children}
      </Box>
    </Flex>
  );
}
