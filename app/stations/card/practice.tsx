import { LengthText } from "@app/components/length-text";
import { Pager } from "@app/components/pager";
import { useTape } from "@app/components/preferences";
import { Box, Button, Flex, Grid, Heading, Text } from "@chakra-ui/react";
import type { Draft, Step } from "@core/draft/index";
import { speakPart } from "@core/draft/index";
import { questionsOf, TAPE_MM } from "@core/practice/index";
import { useEffect, useMemo } from "react";
import { AnswerBox, GRADE_COLOURS } from "./answer-box";
import { StepDrawing } from "./step-drawing";
import { type ShownAttempt, usePractice } from "./use-practice";

type Props = {
  readonly draft: Draft;
  readonly garmentId: string;
  /** Which of the steps that ask for something is open, from 1. */
  readonly asked: number;
  readonly onGo: (asked: number) => void;
  readonly onLeave: () => void;
};

/** The card with its figures hidden: a person works them out or measures them, and is told what went wrong. */
export function Practice({ draft, garmentId, asked, onGo, onLeave }: Props) {
  const steps = useMemo(() => draft.steps.filter((step) => questionsOf(draft, step).length > 0), [draft]);
  const { texts, answers, attempts, refresh, check, write } = usePractice(garmentId);
  useEffect(() => {
    void refresh();
  }, [refresh]);
  const index = Math.min(Math.max(1, asked), Math.max(1, steps.length));
  const step = steps[index - 1];
  if (!step) return <Text>This card asks for no figures.</Text>;
  return (
    <Box data-practice={index}>
      <Flex align="center" gap="4" mb="3" wrap="wrap">
        <Pager noun="Question" at={index} count={steps.length} onGo={onGo}>
          Practice, {index} of {steps.length}
        </Pager>
        <Button ml="auto" size="sm" variant="outline" borderColor="ruleStrong" color="ink" onClick={onLeave}>
          Back to the card
        </Button>
      </Flex>
      <Grid templateColumns={{ base: "minmax(0, 1fr)", lg: "minmax(0, 3fr) minmax(0, 2fr)" }} gap="8">
        <Box data-fields>
          <Text fontSize="2xl" lineHeight="1.35" mb="5">
            <HiddenSentence step={step} />
          </Text>
          {questionsOf(draft, step).map((question) => (
            <AnswerBox
              key={question.id}
              question={question}
              answer={answers[question.id]}
              onCheck={(mm) => check(draft.id, question.id, mm)}
              text={texts[question.id] ?? ""}
              onText={(text) => write(question.id, text)}
            />
          ))}
          <Box h="18rem" mt="5">
            <StepDrawing draft={draft} upTo={step.n} letters="large" />
          </Box>
        </Box>
        <Record attempts={attempts} />
      </Grid>
    </Box>
  );
}

/** The step's sentence with every length in it left open. */
function HiddenSentence({ step }: { readonly step: Step }) {
  const tape = useTape();
  return step.text.map((part, i) => {
    const key = `${i}`;
    if (typeof part === "object" && "mm" in part) {
      return (
        <Text as="span" key={key} color="chalk" fontWeight="600" aria-label="left open">
          ……
        </Text>
      );
    }
    return <span key={key}>{speakPart(part, tape)}</span>;
  });
}

const GRADES = { right: "right", near: "near", wrong: "off" } as const;

function Record({ attempts }: { readonly attempts: readonly ShownAttempt[] | null }) {
  const right = attempts?.filter((attempt) => attempt.grade === "right").length ?? 0;
  return (
    <Box as="section" aria-label="Record of answers">
      <Heading as="h3" fontFamily="heading" fontSize="lg" mb="2">
        Your answers on this garment
      </Heading>
      {!attempts || attempts.length === 0 ? (
        <Text color="inkSoft">
          None yet. Work a figure out on paper, or measure it on your draft, and write it down.
        </Text>
      ) : (
        <>
          <Text mb="2" data-practice-score>
            {right} of {attempts.length} right to within <LengthText mm={TAPE_MM} />.
          </Text>
          {attempts.slice(0, 12).map((attempt) => (
            <Flex key={attempt.id} justify="space-between" gap="4" py="1.5" borderBottom="1px solid" borderColor="rule">
              <span>{attempt.label}</span>
              <Text color={GRADE_COLOURS[attempt.grade]} whiteSpace="nowrap">
                <LengthText mm={attempt.answerMm} />, {GRADES[attempt.grade]}
              </Text>
            </Flex>
          ))}
        </>
      )}
    </Box>
  );
}
