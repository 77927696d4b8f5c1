import { LengthText, Sentence } from "@app/components/length-text";
import { Box, chakra, Flex, Heading, Text } from "@chakra-ui/react";
import type { Figure } from "@core/draft/index";
import { type DefaultTaken, labelOf } from "@core/garment/index";

const Row = chakra("details", {
  base: { borderBottom: "1px solid", borderColor: "rule", "&[open]": { bg: "sunken" } },
});
const Line = chakra("summary", {
  base: {
    display: "flex",
    justifyContent: "space-between",
    gap: "3",
    py: "1.5",
    px: "1",
    cursor: "pointer",
    listStyle: "none",
    "&::-webkit-details-marker": { display: "none" },
    _hover: { bg: "sunken" },
  },
});

/** Every figure of the draft; each can be asked why. */
export function FiguresList({
  figures,
  defaults,
}: {
  readonly figures: readonly Figure[];
  readonly defaults: readonly DefaultTaken[];
}) {
  return (
    <Box as="section" aria-label="Figures">
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600">
        Figures
      </Heading>
      <Text fontSize="sm" color="inkSoft" mb="2">
        Press one to see where it comes from.
      </Text>
      {figures.map((figure) => (
        <Row key={figure.id} data-figure={figure.id}>
          <Line>
            <span>{figure.label}</span>
            <Text as="b" fontWeight="600" whiteSpace="nowrap">
              <LengthText mm={figure.value} />
            </Text>
          </Line>
          <Why formula={figure.formula} rule={figure.rule} source={figure.source} />
        </Row>
      ))}
      {defaults.length > 0 && (
        <>
          <Heading as="h3" fontSize="md" fontWeight="600" mt="5">
            Taken where nothing was given
          </Heading>
          {defaults.map((taken) => (
            <Row key={taken.path} data-default={taken.path}>
              <Line>
                <Flex gap="2">
                  <span>{labelOf(taken.path)}</span>
                  {taken.isStandIn && (
                    <Text as="span" color="warn" fontSize="sm">
                      estimated
                    </Text>
                  )}
                </Flex>
                <Text as="b" fontWeight="600" whiteSpace="nowrap">
                  <DefaultValue taken={taken} />
                </Text>
              </Line>
              <Why formula={taken.rule} rule={taken.isStandIn ? "Estimate" : "Default"} source={taken.source} />
            </Row>
          ))}
        </>
      )}
    </Box>
  );
}

function DefaultValue({ taken }: { readonly taken: DefaultTaken }) {
  if (typeof taken.value === "string") return <>{taken.value.replace("-", " ")}</>;
  if (taken.path === "sleeve.backEaseShare") return <>{`${Math.round(taken.value * 100)} %`}</>;
  return <LengthText mm={taken.value} />;
}

function Why({
  formula,
  rule,
  source,
}: {
  readonly formula: Figure["formula"];
  readonly rule: string;
  readonly source: string;
}) {
  return (
    <Box px="1" pb="2.5" fontSize="sm" lineHeight="1.45">
      <Text>
        = <Sentence words={formula} />
      </Text>
      <Text color="inkSoft">
        {rule} · {source}
      </Text>
    </Box>
  );
}
