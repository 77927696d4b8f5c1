import { Box, chakra, Text } from "@chakra-ui/react";

const Frame = chakra("label", {
  base: {
    display: "grid",
    gridTemplateColumns: "1.25rem 1fr",
    gap: "2",
    px: "3",
    py: "2",
    cursor: "pointer",
    border: "1px solid",
    borderColor: "rule",
    "&:has(input:checked)": { borderColor: "chalk", bg: "chalkPale" },
  },
});

type Props = {
  /** Of the group that it is one choice of. */
  readonly name: string;
  readonly value: string;
  readonly title: string;
  readonly says?: string;
  readonly isChosen: boolean;
  readonly onChoose: () => void;
};

/** One of a few ways, with a word on what it is. */
export function ChoiceCard({ name, value, title, says, isChosen, onChoose }: Props) {
  return (
    <Frame>
      <input type="radio" name={name} value={value} checked={isChosen} onChange={onChoose} />
      <Box>
        <Text fontWeight="600">{title}</Text>
        {says && (
          <Text fontSize="sm" color="inkSoft" lineHeight="1.35">
            {says}
          </Text>
        )}
      </Box>
    </Frame>
  );
}
