import { ListPager } from "@app/components/list-pager";
import { ActionLink, Page } from "@app/components/page";
import { CsvExchange } from "@app/features/clients/csv-exchange";
import { HistoryChart } from "@app/features/clients/history-chart";
import { MeasuresTable } from "@app/features/clients/measures-table";
import { SlipsList } from "@app/features/measures/slips-list";
import { ShelfActs } from "@app/features/shelves/shelf-acts";
import { attemptInStudio, idFrom, inStudio, notFound } from "@app/server/database";
import { postedForm } from "@app/server/posted-texts";
import { readPreferences } from "@app/server/preferences";
import { Box, Flex, Grid, Heading, Text } from "@chakra-ui/react";
import { findSlips } from "@core/body/index";
import { addMeasurementSets, findClient, measurementHistory } from "@database/queries/clients";
import { listGarments } from "@database/queries/garments";
import { pageFrom } from "@database/queries/page";
import { readMeasuresCsv } from "@importing/index";
import { format, parseISO } from "date-fns";
import { useState } from "react";
import { data, Link } from "react-router";
import type { Route } from "./+types/client";

/** As many measurings as fit beside each other. */
const SHOWN_SETS = 3;

export async function loader({ params, request }: Route.LoaderArgs) {
  const page = pageFrom(new URL(request.url).searchParams.get("page"));
  const clientId = idFrom(params.clientId, "This client");
  return inStudio(async (database, studio) => {
    const client = await findClient(database, studio.id, clientId);
    if (!client) notFound("This client");
    const [history, garments] = await Promise.all([
      measurementHistory(database, clientId),
      listGarments(database, studio.id, page, clientId),
    ]);
    return {
      client,
      history: history.map((set) => ({ ...set, day: format(parseISO(set.takenOn), "d MMM yyyy") })),
      page,
      hasMore: garments.hasMore,
      garments: garments.rows.map(({ id, name, version, changedAt }) => ({
        id,
        name,
        version,
        changed: format(changedAt, "d MMM yyyy"),
      })),
    };
  });
}

/** Takes measures in from a CSV file: all of it, or nothing and the lines that could not be read. */
export async function action({ request, params }: Route.ActionArgs) {
  const clientId = idFrom(params.clientId, "This client");
  const sent = (await postedForm(request)).get("csv");
  if (!(sent instanceof File) || sent.size === 0)
    return data({ problems: ["Choose a CSV file first."] }, { status: 422 });
  const { unit } = readPreferences(request);
  const read = readMeasuresCsv(await sent.text(), unit, format(new Date(), "yyyy-MM-dd"));
  if (read.problems.length > 0) return data({ problems: read.problems }, { status: 422 });
  const added = await attemptInStudio((database, studio) =>
    addMeasurementSets(database, studio.id, clientId, read.sets),
  );
  if (!added.ok) return data({ failure: added.sentence }, { status: 503 });
  return added.value === null ? notFound("This client") : data({ kept: added.value });
}

export const meta: Route.MetaFunction = ({ data }) => {
  const loaded = data as { readonly client: { readonly name: string } } | undefined;
  return [{ title: loaded ? `${loaded.client.name} · Gamine` : "Gamine" }];
};

export default function Client({ loaderData, actionData }: Route.ComponentProps) {
  const { client, history, garments, page, hasMore } = loaderData;
  const [first, setFirst] = useState(0);
  const sets = history.slice(first, first + SHOWN_SETS);
  const [newest] = history;
  return (
    <Page title={client.name} actions={<ActionLink to={`/garments/new?client=${client.id}`}>New garment</ActionLink>}>
      {client.note && (
        <Text color="inkSoft" mb="6" maxW="50rem">
          {client.note}
        </Text>
      )}
      <Grid templateColumns={{ base: "minmax(0, 1fr)", lg: "minmax(0, 3fr) minmax(0, 2fr)" }} gap="12">
        <Box>
          <Flex align="baseline" justify="space-between" gap="4">
            <Heading as="h2" fontFamily="heading" fontSize="xl">
              Measures
            </Heading>
            <Link to={`/clients/${client.id}/measure`}>{newest ? "Measure again" : "Measure"}</Link>
          </Flex>
          {newest ? (
            <MeasuresTable sets={sets} history={history} />
          ) : (
            <Text mt="3" color="inkSoft">
              Not measured yet. Until then every garment stands on estimates, and says so.
            </Text>
          )}
          {history.length > SHOWN_SETS && (
            <Flex gap="4" mt="2" align="baseline">
              <PageButton isOff={first === 0} onPress={() => setFirst(Math.max(0, first - SHOWN_SETS))}>
                Newer
              </PageButton>
              <PageButton isOff={first + SHOWN_SETS >= history.length} onPress={() => setFirst(first + SHOWN_SETS)}>
                Older
              </PageButton>
              <Text fontSize="sm" color="inkSoft">
                {first + 1} to {Math.min(first + SHOWN_SETS, history.length)} of {history.length} measurings
              </Text>
            </Flex>
          )}
          {history.length > 1 && <HistoryChart history={history} />}
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
                <Box minW="0" overflowWrap="anywhere">
                  <Link to={`/garments/${garment.id}/sleeve`}>{garment.name}</Link>
                </Box>
                <Text color="inkSoft" whiteSpace="nowrap">
                  version {garment.version}, {garment.changed}
                </Text>
              </Flex>
            ))
          )}
          <ListPager page={page} hasMore={hasMore} />
          {newest && (
            <Box mt="8">
              <SlipsList slips={findSlips(newest.measures)} hasAny />
            </Box>
          )}
          <Box mt="8">
            <ShelfActs what="client" id={client.id} acts={["archive", "delete"]} />
          </Box>
          <CsvExchange clientId={client.id} hasMeasures={history.length > 0} answer={actionData} />
        </Box>
      </Grid>
    </Page>
  );
}

function PageButton({
  isOff,
  onPress,
  children,
}: {
  readonly isOff: boolean;
  readonly onPress: () => void;
  readonly children: string;
}) {
  return (
    <Text
      asChild
      color={isOff ? "inkSoft" : "chalk"}
      textDecoration={isOff ? "none" : "underline"}
      cursor={isOff ? "default" : "pointer"}
    >
      <button type="button" disabled={isOff} onClick={onPress}>
        {children}
      </button>
    </Text>
  );
}
