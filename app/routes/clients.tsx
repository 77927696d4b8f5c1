import { ListPager } from "@app/components/list-pager";
import { ActionLink, Page } from "@app/components/page";
import { SearchBox } from "@app/components/search-box";
import { inStudio } from "@app/server/database";
import { Box, Table, Text } from "@chakra-ui/react";
import { listClients } from "@database/queries/clients";
import { pageFrom } from "@database/queries/page";
import { format, parseISO } from "date-fns";
import { Link } from "react-router";
import type { Route } from "./+types/clients";

export const meta: Route.MetaFunction = () => [{ title: "Clients · Gamine" }];

export async function loader({ request }: Route.LoaderArgs) {
  const page = pageFrom(new URL(request.url).searchParams.get("page"));
  const { rows, hasMore } = await inStudio((database, studio) => listClients(database, studio.id, page));
  return {
    page,
    hasMore,
    clients: rows.map((client) => ({
      ...client,
      measuredOn: client.measuredOn && format(parseISO(client.measuredOn), "d MMM yyyy"),
    })),
  };
}

export default function Clients({ loaderData: { clients, page, hasMore } }: Route.ComponentProps) {
  return (
    <Page title="Clients" actions={<ActionLink to="/clients/new">Add a client</ActionLink>}>
      {(clients.length > 0 || page > 0) && (
        <Box mb="5">
          <SearchBox />
        </Box>
      )}
      {clients.length === 0 ? (
        <Text fontSize="lg" color="inkSoft">
          Nobody yet. Add a client with what the tape read, and every garment for them starts from it.
        </Text>
      ) : (
        <Table.Root variant="line" color="ink" size={{ base: "md", md: "lg" }}>
          <Table.Header>
            <Table.Row bg="transparent">
              <Head>Name</Head>
              <Head>Last measured</Head>
              <Head>Garments</Head>
              <Head isDeskOnly>To mind</Head>
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {clients.map((client) => (
              <Table.Row key={client.id} bg="transparent">
                <Table.Cell fontWeight="600" overflowWrap="anywhere" maxW="24rem">
                  <Link to={`/clients/${client.id}`}>{client.name}</Link>
                </Table.Cell>
                <Table.Cell whiteSpace="nowrap">{client.measuredOn ?? "not yet"}</Table.Cell>
                <Table.Cell>{client.garmentCount === 0 ? "none" : client.garmentCount}</Table.Cell>
                <Table.Cell color="inkSoft" display={DESK_ONLY}>
                  {client.note}
                </Table.Cell>
              </Table.Row>
            ))}
          </Table.Body>
        </Table.Root>
      )}
      <ListPager page={page} hasMore={hasMore} />
    </Page>
  );
}

/** On a phone the note is left to the client's own page. */
const DESK_ONLY = { base: "none", md: "table-cell" };

function Head({ children, isDeskOnly = false }: { readonly children: string; readonly isDeskOnly?: boolean }) {
  return (
    <Table.ColumnHeader color="inkSoft" borderColor="ruleStrong" display={isDeskOnly ? DESK_ONLY : undefined}>
      {children}
    </Table.ColumnHeader>
  );
}
