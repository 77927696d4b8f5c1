import { Sentence } from "@app/components/length-text";
import { Box, Flex, Heading, Text } from "@chakra-ui/react";
import type { Finding, Severity } from "@core/judge/index";
import { CircleAlert, Info, TriangleAlert } from "lucide-react";
import { memo } from "react";
import { FiguresList, type FiguresPart } from "./figures-list";
import { useFindings } from "./proven-findings";
import { RemedyButton } from "./remedy-button";
import { useThrottledWork } from "./use-throttled-work";

/** The panel beside a draft: what was found, and every figure. Folded, its rail counts what was found. */
export const findingsSide = (of: FiguresPart) =>
  ({
    panel: "findings",
    name: "Findings and figures",
    rail: <FindingsCount />,
    content: <FindingsPanel of={of} />,
  }) as const;

/** How many there are of each severity, by sign and number. */
function FindingsCount() {
  const counts = useThrottledWork(
    ({ garment: { findings } }) =>
      SEVERITIES.map((severity) => findings.filter((one) => one.severity === severity).length),
    (a, b) => a.every((count, i) => count === b[i]),
  );
  return SEVERITIES.map((severity, i) => {
    const count = counts[i] ?? 0;
    const { icon: Icon, colour, word, words } = LOOKS[severity];
    return count === 0 ? null : (
      <Flex key={severity} as="span" align="center" gap="0.5" color={colour} data-count={severity}>
        <Icon size={15} aria-hidden />
        <span aria-hidden>{count}</span>
        <Text as="span" srOnly>
          {count === 1 ? `, one ${word.toLowerCase()}` : `, ${count} ${words}`}
        </Text>
      </Flex>
    );
  });
}

const SEVERITIES = ["fault", "warning", "note"] as const satisfies readonly Severity[];

/** What a good colleague would say, and the figures it rests on, those of the part that is looked at first. */
export function FindingsPanel({ of }: { readonly of: FiguresPart }) {
  const garment = useThrottledWork((work) => work.garment);
  return (
    <>
      <FindingsNotes hasSleeve={garment.sleeve !== null} />
      <FiguresList figures={garment.figures} defaults={garment.defaults} open={of} />
    </>
  );
}

/** What is found, with the remedies that mend it. */
export function FindingsNotes({ hasSleeve }: { readonly hasSleeve: boolean }) {
  return <Findings findings={useFindings()} hasSleeve={hasSleeve} />;
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
  Record<
    Severity,
    { readonly icon: typeof Info; readonly colour: string; readonly word: string; readonly words: string }
  >
> = {
  fault: { icon: CircleAlert, colour: "fault", word: "Fault", words: "faults" },
  warning: { icon: TriangleAlert, colour: "warn", word: "Warning", words: "warnings" },
  note: { icon: Info, colour: "inkSoft", word: "Note", words: "notes" },
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
