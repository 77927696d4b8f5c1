import { Box, Field, NativeSelect } from "@chakra-ui/react";
import type { ReactNode } from "react";

type Props<Value extends string> = {
  readonly id: string;
  readonly label: string;
  readonly value: Value;
  readonly choices: readonly { readonly value: Value; readonly label: string }[];
  readonly onChoose: (value: Value) => void;
  readonly hint?: ReactNode;
};

/** One of several, in a list that opens. */
export function ChoiceSelect<Value extends string>({ id, label, value, choices, onChoose, hint }: Props<Value>) {
  return (
    <Field.Root id={id}>
      <Box w="100%">
        <Field.Label fontSize="sm" fontWeight="400" mb="0.5">
          {label}
        </Field.Label>
        <NativeSelect.Root size="sm">
          <NativeSelect.Field
            name={id}
            bg="panel"
            borderColor="ruleStrong"
            fontSize="md"
            value={value}
            onChange={(event) => {
              const chosen = choices.find((choice) => choice.value === event.currentTarget.value);
              if (chosen) onChoose(chosen.value);
            }}
          >
            {choices.map((choice) => (
              <option key={choice.value} value={choice.value}>
                {choice.label}
              </option>
            ))}
          </NativeSelect.Field>
          <NativeSelect.Indicator />
        </NativeSelect.Root>
        {hint && (
          <Field.HelperText fontSize="sm" color="inkSoft" mt="1">
            {hint}
          </Field.HelperText>
        )}
      </Box>
    </Field.Root>
  );
}
