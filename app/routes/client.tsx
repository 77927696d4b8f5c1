import { LengthText } from "@app/components/length-text";
import { ActionLink, Page } from "@app/components/page";
import { idFrom, inStudio, notFound } from "@app/server/database";
import { Box, Flex, Grid, Heading, Table, Text } from "@chakra-ui/react";
import { MEASURE_IDS, measureOf } from "@core/body/index";
import { findClient, measurementHistory } from "@database/queries/clients";
import { listGarments } from "@database/queries/garments";
import { format, parseISO } from "date-fns";
import { Link } from "react-router";
import type { Route } from "./+types/client";

/** As many measurings as fit beside each other. */
const SHOWN_SETS = 3;

export async function loader({ params }: Route.LoaderArgs) {
  const clientId = idFrom(params.clientId, "This client");
  return inStudio(async (database, studio) => {
    const client = await findClient(database, studio.id, clientId);
    if (!client) notFound("This client");
    const [history, garments] = await Promise.all([
      measurementHistory(database, clientId),
      listGarments(database, studio.id, clientId),
    ]);
    return {
      client,
      history: history.map((set) => ({ ...set, day: format(parseISO(set.takenOn), "d MMM yyyy") })),
      garments: garments.map(({ id, name, version, changedAt }) => ({
        id,
        name,
        version,
        changed: format(changedAt, "d MMM yyyy"),
      })),
    };
  });
}

export const meta: Route.MetaFunction = ({ data }) => {
  const loaded = data as { readonly client: { readonly name: string } } | undefined;
  return [{ title: loaded ? `${loaded.client.name} · Gamine` : "Gamine" }];
};

export default function Client({ loaderData }: Route.ComponentProps) {
  const { client, history, garments } = loaderData;
  const sets = history.slice(0, SHOWN_SETS);
  const taken = MEASURE_IDS.filter((id) => sets.some((set) => set.measures[id] !== undefined));
  return (
    <Page title={client.name} actions={<ActionLink to={`/garments/new?client=${client.id}`}>New garment</ActionLink>}>
      {client.note && (
        <Text color="inkSoft" mb="6" maxW="50rem">
          {client.note}
        </Text>
      )}
      <Grid templateColumns={{ base: "minmax(0, 1fr)", lg: "minmax(0, 3fr) minmax(0, 2fr)" }} gap="12">
        <Box>
          <Flex align="baseline" justify="space-between">
            <Heading as="h2" fontFamily="heading" fontSize="xl">
              Measures
            </Heading>
            <Link to={`/clients/${client.id}/measure`}>Measure again</Link>
          </Flex>
          {taken.length === 0 ? (
            <Text mt="3" color="inkSoft">
              Not measured yet. Until then every garment stands on estimates, and says so.
            </Text>
          ) : (
            <Table.Root variant="line" color="ink" mt="2" fontSize="md">
              <Table.Header>
                <Table.Row bg="transparent">
                  <Table.ColumnHeader color="inkSoft" borderColor="ruleStrong">
                    Measurement
                  </Table.ColumnHeader>
                  {sets.map((set) => (
                    <Table.ColumnHeader key={set.id} color="inkSoft" borderColor="ruleStrong" textAlign="end">
                      {set.day}
                    </Table.ColumnHeader>
                  ))}
                </Table.Row>
              </Table.Header>
              <Table.Body>
                {taken.map((id) => (
                  <Table.Row key={id} bg="transparent" data-measure={id}>
                    <Table.Cell title={measureOf(id).howTaken}>{measureOf(id).term}</Table.Cell>
                    {sets.map((set) => (
                      <Table.Cell key={set.id} textAlign="end" fontWeight={set === sets[0] ? "600" : "400"}>
                        {set.measures[id] === undefined ? "–" : <LengthText mm={set.measures[id]} />}
                      </Table.Cell>
                    ))}
                  </Table.Row>
                ))}
              </Table.Body>
            </Table.Root>
          )}
        </Box>
        <Box>
          <Heading as="h2" fontFamily="heading" fontSize="xl" mb="2">
            Garments
          </Heading>
          {garments.length === 0 ? (
            <Text color="inkSoft">None yet. A new garment starts from the newest measures.</Text>
          ) : (
            garments.map((garment) => (
              <Flex
                key={garment.id}
                justify="space-between"
                gap="4"
                py="2.5"
                borderBottom="1px solid"
                borderColor="rule"
              >
                <Link to={`/garments/${garment.id}/sleeve`}>{garment.name}</Link>
                <Text color="inkSoft" whiteSpace="nowrap">
                  version {garment.version}, {garment.changed}
                </Text>
              </Flex>
            ))
          )}
        </Box>
      </Grid>
    </Page>
  );
}
