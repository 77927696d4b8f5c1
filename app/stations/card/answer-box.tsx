import { LengthField } from "@app/components/length-field";
import { Sentence } from "@app/components/length-text";
import { useUnit } from "@app/components/preferences";
import { Box, Button, Flex, Text } from "@chakra-ui/react";
import type { Question } from "@core/practice/index";
import { readLength } from "@core/spec/index";
import { useState } from "react";
import type { PracticeAnswer } from "./use-practice";

type Props = {
  readonly question: Question;
  readonly answer: PracticeAnswer | undefined;
  readonly onCheck: (mm: number) => Promise<void>;
  readonly text: string;
  readonly onText: (text: string) => void;
};

const BOUNDS = { least: 0.1, most: 3000 };
export const GRADE_COLOURS = { right: "good", near: "warn", wrong: "fault" } as const;

/** One figure asked for: its box, the check, and what is said to it. */
export function AnswerBox({ question, answer, onCheck, text, onText }: Props) {
  const unit = useUnit();
  const [isTried, setTried] = useState(false);
  const [isChecking, setChecking] = useState(false);
  const read = text.trim() === "" ? null : readLength(text, unit, { label: question.label, bounds: BOUNDS });
  const check = async () => {
    setTried(true);
    if (!read?.ok) return;
    setChecking(true);
    await onCheck(read.mm);
    setChecking(false);
  };
  return (
    <Box mb="4" data-question={question.id}>
      <Flex gap="3" align="flex-start">
        <Box flex="1">
          <LengthField
            id={`practice.${question.id}`}
            label={question.label}
            value={text}
            onText={(next) => {
              setTried(false);
              onText(next);
            }}
            problem={
              isTried
                ? read === null
                  ? "Write down what you found."
                  : read.ok
                    ? undefined
                    : read.problem.message
                : undefined
            }
          />
        </Box>
        <Button
          size="sm"
          bg="chalk"
          color="onChalk"
          loading={isChecking}
          loadingText="Checking"
          onClick={() => void check()}
        >
          Check
        </Button>
      </Flex>
      {answer && (
        <Text
          role="status"
          mt="1.5"
          color={answer.ok ? GRADE_COLOURS[answer.verdict.grade] : "fault"}
          data-verdict={answer.ok ? answer.verdict.grade : "none"}
        >
          {answer.ok ? <Sentence words={answer.verdict.says} /> : answer.reason}
          {answer.ok && !answer.isKept && " It could not be kept in your record."}
        </Text>
      )}
    </Box>
  );
}
