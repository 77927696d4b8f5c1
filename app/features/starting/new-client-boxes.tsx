import { LengthField } from "@app/components/length-field";
import { Box, Field, Grid, Input, Text } from "@chakra-ui/react";
import { type MeasureId, measureOf } from "@core/body/index";
import { useState } from "react";

/** What most garments are drafted from; everything else can be taken later, and is estimated until then. */
const FIRST_MEASURES = [
  "bust",
  "waist",
  "hip",
  "neckBase",
  "shoulderWidth",
  "armholeGirth",
  "backLength",
  "upperArm",
  "wrist",
  "armLength",
] as const satisfies readonly MeasureId[];

type Props = { readonly problems: Readonly<Partial<Record<string, string>>> };

/** A client and the first measures, on the page on which the garment is started. */
export function NewClientBoxes({ problems }: Props) {
  const [texts, setTexts] = useState<Readonly<Record<string, string>>>({});
  return (
    <Box>
      <Field.Root invalid={problems.name !== undefined} mb="4">
        <Field.Label fontSize="md">Name of the client</Field.Label>
        <Input name="clientName" autoComplete="off" bg="panel" borderColor="ruleStrong" maxW="24rem" />
        <Field.ErrorText color="fault">{problems.name}</Field.ErrorText>
      </Field.Root>
      <Text fontSize="sm" color="inkSoft" mb="2">
        What was measured so far; the rest is estimated, marked so, and can be taken at any time.
      </Text>
      <Grid templateColumns="repeat(auto-fill, minmax(11rem, 1fr))" gap="3">
        {FIRST_MEASURES.map((id) => (
          <LengthField
            key={id}
            id={id}
            label={measureOf(id).term}
            value={texts[id] ?? ""}
            problem={problems[id]}
            onText={(text) => setTexts((before) => ({ ...before, [id]: text }))}
          />
        ))}
      </Grid>
    </Box>
  );
}
