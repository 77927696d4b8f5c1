import { Box, Button } from "@chakra-ui/react";

type RowProps = {
  readonly isChosen: boolean;
  readonly onPress: () => void;
  readonly name: string;
  readonly says: React.ReactNode;
};

/** A row of a list that is pressed to be looked at. */
export function ListRow({ isChosen, onPress, name, says }: RowProps) {
  return (
    <Button
      display="flex"
      justifyContent="space-between"
      gap="3"
      w="100%"
      h="auto"
      minH="8"
      px="1"
      py="1"
      variant="plain"
      fontWeight="400"
      borderRadius="0"
      border="0"
      borderBottomStyle="solid"
      borderBottomWidth="1px"
      borderColor="rule"
      color="ink"
      bg={isChosen ? "chalkPale" : "transparent"}
      aria-pressed={isChosen}
      onClick={onPress}
    >
      <Box as="span" textAlign="start" whiteSpace="normal">
        {name}
      </Box>
      <Box as="span" color="inkSoft" fontSize="sm" textAlign="end" whiteSpace="normal">
        {says}
      </Box>
    </Button>
  );
}
