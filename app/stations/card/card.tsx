import { Sentence } from "@app/components/length-text";
import { Pager } from "@app/components/pager";
import { EmptyStation, GoOnAt } from "@app/work/empty-station";
import { FindingsNotes } from "@app/work/findings-panel";
import { useWork } from "@app/work/work-context";
import { Box, Button, Flex, Heading, Text } from "@chakra-ui/react";
import type { Draft } from "@core/draft/index";
import { Printer } from "lucide-react";
import { useSearchParams } from "react-router";
import { CardStep } from "./card-step";
import { Practice } from "./practice";
import { StepDrawing } from "./step-drawing";

const QUIETLY = { replace: true, preventScrollReset: true };

/** What each part's card is called; a part is one draft. */
const PARTS: Readonly<Record<string, string>> = {
  sleeve: "Sleeve",
  collar: "Collar",
  back: "Back bodice",
  front: "Front bodice",
  bodice: "Pieces",
};

/** The draft as a numbered card to work from at the table: all steps on a page, or one big step at a time. */
export function Card({ garmentId }: { readonly garmentId: string }) {
  const garment = useWork((work) => work.garment);
  const [search, setSearch] = useSearchParams();
  const part = search.get("part");
  const draft = garment.drafts.find((one) => one.id === part) ?? garment.drafts[0];
  if (!draft) {
    return (
      <>
        <EmptyStation station="card" why="There is nothing to draft yet.">
          <GoOnAt station="block">Go to the block</GoOnAt>
        </EmptyStation>
        <Box maxW="44rem" mx="auto" px="6">
          <FindingsNotes hasSleeve={false} />
        </Box>
      </>
    );
  }
  const practising = Number(search.get("practice"));
  const practice = Number.isInteger(practising) && practising > 0 ? practising : null;
  const asked = Number(search.get("step"));
  const step = Number.isInteger(asked) && asked >= 1 && asked <= draft.steps.length ? asked : null;
  const show = (next: number | null) =>
    setSearch({ ...(part ? { part } : {}), ...(next === null ? {} : { step: `${next}` }) }, QUIETLY);
  return (
    <Box maxW="64rem" w="100%" mx="auto" px={{ base: 4, md: 8 }} py="5">
      {garment.drafts.length > 1 && (
        <Flex className="not-printed" role="group" aria-label="Which card" gap="2" mb="4" wrap="wrap">
          {garment.drafts.map((one) => (
            <Button
              key={one.id}
              size="sm"
              variant="outline"
              borderColor={one === draft ? "chalk" : "ruleStrong"}
              bg={one === draft ? "chalkPale" : "transparent"}
              color="ink"
              aria-pressed={one === draft}
              onClick={() => setSearch({ part: one.id }, QUIETLY)}
            >
              {PARTS[one.id] ?? one.title}
            </Button>
          ))}
        </Flex>
      )}
      <Flex align="baseline" gap="4" wrap="wrap" mb="4">
        <Heading as="h2" fontFamily="heading" fontSize="2xl">
          {draft.title}
        </Heading>
        <Text color="inkSoft">
          {garment.spec.name} · {draft.steps.length} steps · stitching line, no allowance
        </Text>
        <Flex className="not-printed" gap="2" ml="auto" display={practice === null ? "flex" : "none"}>
          <Button
            size="sm"
            variant="outline"
            borderColor="ruleStrong"
            color="ink"
            onClick={() => setSearch({ ...(part ? { part } : {}), practice: "1" }, QUIETLY)}
          >
            Practise
          </Button>
          <Button
            size="sm"
            variant="outline"
            borderColor="ruleStrong"
            color="ink"
            onClick={() => show(step === null ? 1 : null)}
          >
            {step === null ? "One step at a time" : "All steps"}
          </Button>
          <Button size="sm" variant="outline" borderColor="ruleStrong" color="ink" onClick={() => window.print()}>
            <Printer size={16} aria-hidden /> Print the card
          </Button>
        </Flex>
      </Flex>
      {practice !== null ? (
        <Practice
          draft={draft}
          garmentId={garmentId}
          asked={practice}
          onGo={(next) => setSearch({ ...(part ? { part } : {}), practice: `${next}` }, QUIETLY)}
          onLeave={() => setSearch(part ? { part } : {}, QUIETLY)}
        />
      ) : step === null ? (
        <AllSteps draft={draft} />
      ) : (
        <OneStep draft={draft} n={step} onGo={show} />
      )}
      <Text mt="6" fontSize="sm" color="inkSoft">
        Scissors and blades: cut away from yourself with your other hand clear. Keep pins out of your mouth.
      </Text>
    </Box>
  );
}

function AllSteps({ draft }: { readonly draft: Draft }) {
  return (
    <Box as="ol" listStyleType="none">
      {draft.steps.map((step) => (
        <CardStep key={step.n} draft={draft} step={step} />
      ))}
    </Box>
  );
}

function OneStep({
  draft,
  n,
  onGo,
}: {
  readonly draft: Draft;
  readonly n: number;
  readonly onGo: (n: number) => void;
}) {
  const step = draft.steps[n - 1];
  if (!step) return null;
  return (
    <Box data-step={n}>
      <Box mb="3" className="not-printed">
        <Pager noun="Step" at={n} count={draft.steps.length} onGo={onGo}>
          Step {n} of {draft.steps.length}
        </Pager>
      </Box>
      <Text fontSize={{ base: "2xl", md: "3xl" }} lineHeight="1.3">
        <Sentence words={step.text} />
      </Text>
      {step.tapeCheck && (
        <Text fontSize="xl" mt="3" color="chalk">
          Tape: <Sentence words={step.tapeCheck} />
        </Text>
      )}
      <Box mt="4" h="min(56dvh, 34rem)">
        <StepDrawing draft={draft} upTo={n} letters="large" />
      </Box>
    </Box>
  );
}
