import { ActForm } from "@app/components/act-form";
import { Box, Button, Flex, Text } from "@chakra-ui/react";
import { useNavigation } from "react-router";

type Props = {
  readonly clientId: string;
  readonly hasMeasures: boolean;
  readonly answer:
    | { readonly problems?: readonly string[]; readonly kept?: number; readonly failure?: string }
    | undefined;
};

/** Measures as a table for other programs, and from one. What comes in is kept whole or not at all. */
export function CsvExchange({ clientId, hasMeasures, answer }: Props) {
  const isSending = useNavigation().state === "submitting";
  return (
    <Box as="section" aria-label="Measures as CSV" mt="8" fontSize="md">
      <Text asChild fontFamily="heading" fontSize="xl" fontWeight="600" mb="2">
        <h2>As a table file</h2>
      </Text>
      {hasMeasures && (
        <Text mb="3">
          <a href={`/clients/${clientId}/measures.csv`} download>
            Download the measures as CSV
          </a>
        </Text>
      )}
      <ActForm encType="multipart/form-data">
        <Flex gap="3" align="center" wrap="wrap">
          <input type="file" name="csv" accept=".csv,text/csv" aria-label="Measures as CSV file" required />
          <Button type="submit" size="sm" variant="outline" borderColor="ruleStrong" color="ink" loading={isSending}>
            Take measures in
          </Button>
        </Flex>
      </ActForm>
      <Text fontSize="sm" color="inkSoft" mt="2">
        One reading a line, with the columns measure and length; date, side and unit if you have them. Every day in it
        becomes a measuring of its own.
      </Text>
      {answer?.kept !== undefined && (
        <Text role="status" color="good" mt="2">
          {answer.kept === 0
            ? "Everything in the file is already here."
            : answer.kept === 1
              ? "One measuring was taken in."
              : `${answer.kept} measurings were taken in.`}
        </Text>
      )}
      {(answer?.problems || answer?.failure) && (
        <Box role="alert" color="fault" mt="2">
          {answer.failure && <Text>{answer.failure}</Text>}
          {answer.problems && <Text>Nothing was taken in:</Text>}
          {answer.problems?.map((problem) => (
            <Text key={problem}>{problem}</Text>
          ))}
        </Box>
      )}
    </Box>
  );
}
