import { Box, Field, Input } from "@chakra-ui/react";

type Props = {
  readonly id: string;
  readonly label: string;
  readonly text: string;
  /** The unit beside the figure. */
  readonly sign: string;
  readonly problem: string | undefined;
  readonly onText: (text: string) => void;
};

/** One figure of the table, with its reason under it when it cannot be read. */
export function ClothBox({ id, label, text, sign, problem, onText }: Props) {
  return (
    <Field.Root invalid={problem !== undefined} id={id} w="6rem">
      <Field.Label srOnly>{label}</Field.Label>
      <Box position="relative">
        <Input
          name={id}
          value={text}
          size="sm"
          fontSize="md"
          pr="8"
          bg="panel"
          borderColor={problem ? "fault" : "ruleStrong"}
          autoComplete="off"
          enterKeyHint="next"
          onChange={(event) => onText(event.currentTarget.value)}
        />
        <Box
          position="absolute"
          right="2.5"
          top="50%"
          transform="translateY(-50%)"
          color="inkSoft"
          fontSize="sm"
          pointerEvents="none"
          aria-hidden
        >
          {sign}
        </Box>
      </Box>
      <Field.ErrorText fontSize="sm" color="fault" role="alert">
        {problem}
      </Field.ErrorText>
    </Field.Root>
  );
}
