import { Sentence } from "@app/components/length-text";
import { Box, Flex, Heading, Text } from "@chakra-ui/react";
import type { Garment } from "@core/garment/index";
import type { Finding, Severity } from "@core/judge/index";
import { CircleAlert, Info, TriangleAlert } from "lucide-react";
import { memo } from "react";
import { FiguresList, type FiguresPart } from "./figures-list";
import { RemedyButton } from "./remedy-button";
import { useCalmWork } from "./use-calm-work";
import { useProvenFindings } from "./use-proven-findings";

/** What a good colleague would say, and the figures it rests on, those of the part that is looked at first. */
export function FindingsPanel({ of }: { readonly of: FiguresPart }) {
  const garment = useCalmWork((work) => work.garment);
  return (
    <>
      <ProvenFindings garment={garment} hasSleeve={garment.sleeve !== null} />
      <FiguresList figures={garment.figures} defaults={garment.defaults} open={of} />
    </>
  );
}

/** What is found, with the remedies that mend it. */
export function ProvenFindings({ garment, hasSleeve }: { readonly garment: Garment; readonly hasSleeve: boolean }) {
  return <Findings findings={useProvenFindings(garment)} hasSleeve={hasSleeve} />;
}

/** Drawn again only when something else is said: the same words on a new draft are the same finding. */
const Findings = memo(
  FindingsList,
  (a, b) => a.hasSleeve === b.hasSleeve && JSON.stringify(a.findings) === JSON.stringify(b.findings),
);

function FindingsList({ findings, hasSleeve }: { readonly findings: readonly Finding[]; readonly hasSleeve: boolean }) {
  return (
    <Box as="section" aria-label="Findings" mb="6">
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600" mb="2">
        Findings
      </Heading>
      {findings.length === 0 ? (
        <Text color="inkSoft">
          {hasSleeve
            ? "What is sewn together matches, the sleeve fits the arm, and the cloth can take the ease."
            : "Nothing to say yet."}
        </Text>
      ) : (
        <Flex direction="column" gap="4">
          {findings.map((finding, index) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: two slips of the tape can have one code
            <FindingNote key={`${finding.code}-${index}`} finding={finding} />
          ))}
        </Flex>
      )}
    </Box>
  );
}

const LOOKS: Readonly<
  Record<Severity, { readonly icon: typeof Info; readonly colour: string; readonly word: string }>
> = {
  fault: { icon: CircleAlert, colour: "fault", word: "Fault" },
  warning: { icon: TriangleAlert, colour: "warn", word: "Warning" },
  note: { icon: Info, colour: "inkSoft", word: "Note" },
};

function FindingNote({ finding }: { readonly finding: Finding }) {
  const { icon: Icon, colour, word } = LOOKS[finding.severity];
  return (
    <Box data-finding={finding.code} borderLeft="3px solid" borderColor={colour} pl="3">
      <Flex align="center" gap="1.5" color={colour} fontSize="sm" fontWeight="600">
        <Icon size={15} aria-hidden /> {word}
      </Flex>
      <Text mt="0.5" lineHeight="1.4">
        <Sentence words={finding.message} />
      </Text>
      <Text fontSize="sm" color="inkSoft" mt="1" lineHeight="1.4">
        <Sentence words={finding.reason} />
      </Text>
      <Flex direction="column" align="flex-start" gap="1.5" mt="2">
        {finding.remedies.map((remedy) => (
          <RemedyButton key={remedy.id} {...remedy} />
        ))}
      </Flex>
    </Box>
  );
}
