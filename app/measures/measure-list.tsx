import { Box, Heading, Input, Text, VStack } from "@chakra-ui/react";
import { MEASURING_ORDER, type MeasureId, measureOf, searchMeasures } from "@core/body/index";
import { type ReactNode, useId, useState } from "react";

type Props = {
  readonly onActive: (id: MeasureId) => void;
  readonly box: (id: MeasureId) => ReactNode;
};

/** All measurements in the order in which the tape moves; the search finds them by whatever name they go. */
export function MeasureList({ onActive, box }: Props) {
  const [question, setQuestion] = useState("");
  const searchId = useId();
  const found = new Set(searchMeasures(question));
  const groups = MEASURING_ORDER.map((group) => ({ ...group, ids: group.ids.filter((id) => found.has(id)) })).filter(
    (group) => group.ids.length > 0,
  );
  return (
    <>
      <Box mb="5">
        <Text asChild srOnly>
          <label htmlFor={searchId}>Find a measurement</label>
        </Text>
        <Input
          id={searchId}
          type="search"
          size="sm"
          fontSize="md"
          bg="panel"
          borderColor="ruleStrong"
          placeholder="Find: biceps, round armhole …"
          _placeholder={{ color: "inkSoft" }}
          autoComplete="off"
          value={question}
          onChange={(event) => setQuestion(event.currentTarget.value)}
          onKeyDown={(event) => {
            if (event.key === "Enter") event.preventDefault();
          }}
        />
      </Box>
      {groups.length === 0 && <Text color="inkSoft">No measurement goes by that name.</Text>}
      {groups.map(({ title, ids }) => (
        <Box as="section" key={title} mb="6">
          <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600" mb="2">
            {title}
          </Heading>
          <VStack align="stretch" gap="2.5">
            {ids.map((id) => (
              <Box key={id} data-measure={id} title={namesOf(id)} onFocusCapture={() => onActive(id)}>
                {box(id)}
              </Box>
            ))}
          </VStack>
        </Box>
      ))}
    </>
  );
}

function namesOf(id: MeasureId): string | undefined {
  const { alsoCalled } = measureOf(id);
  return alsoCalled.length > 0 ? `Also called ${alsoCalled.join(", ")}` : undefined;
}
