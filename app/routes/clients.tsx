import { ListPager } from "@app/components/list-pager";
import { ActionLink, Page } from "@app/components/page";
import { SearchBox } from "@app/components/search-box";
import { inStudio } from "@app/server/database";
import { pageFrom } from "@database/queries/page";
import { format, parseISO } from "date-fns";
import { Link } from "react-router";
import type { Route } from "./+types/clients";

export const meta: Route.MetaFunction = () => [{ title: "Clients · Gamine" }];

export async function loader({ request, context }: Route.LoaderArgs) {
  const page = pageFrom(new URL(request.url).searchParams.get("page"));
  const { rows, hasMore } = await inStudio(context, (queries) => queries.listClients(page));
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
      {(clients.length > 0 || page > 0) && <SearchBox />}
      {clients.length === 0 ? (
        <p className="page-empty">
          Nobody yet. Add a client with what the tape read, and every garment for them starts from it.
        </p>
      ) : (
        <table className="list-table">
          <thead>
            <tr>
              <th>Name</th>
              <th>Last measured</th>
              <th>Garments</th>
              <th className="desk-only">To mind</th>
            </tr>
          </thead>
          <tbody>
            {clients.map((client) => (
              <tr key={client.id}>
                <td className="name">
                  <Link to={`/clients/${client.id}`}>{client.name}</Link>
                </td>
                <td className="date">{client.measuredOn ?? "not yet"}</td>
                <td>{client.garmentCount === 0 ? "none" : client.garmentCount}</td>
                <td className="soft desk-only">{client.note}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <ListPager page={page} hasMore={hasMore} />
    </Page>
  );
}
