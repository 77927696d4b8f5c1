import { Page } from "@app/components/page";
import { SearchBox } from "@app/components/search-box";
import { GarmentInHand } from "@app/features/worktable/garment-in-hand";
import { listedGarment } from "@app/features/worktable/listed-garment";
import { inStudio } from "@app/server/database";
import { Link } from "react-router";
import type { Route } from "./+types/search";

export const meta: Route.MetaFunction = () => [{ title: "Find · Gamine" }];

const LONGEST = 100;

export async function loader({ request, context }: Route.LoaderArgs) {
  const words = (new URL(request.url).searchParams.get("q") ?? "").replaceAll("\0", "").trim().slice(0, LONGEST);
  if (words === "") return { words, clients: [], garments: [] };
  return inStudio(context, async (queries) => {
    const [clients, garments] = await Promise.all([queries.searchClients(words), queries.searchGarments(words)]);
    return { words, clients, garments: garments.map(listedGarment) };
  });
}

export default function Search({ loaderData: { words, clients, garments } }: Route.ComponentProps) {
  return (
    <Page title="Find">
      <SearchBox key={words} words={words} />
      {words !== "" && clients.length === 0 && garments.length === 0 && (
        <p className="page-empty">No client and no garment has “{words}” in its name.</p>
      )}
      {clients.length > 0 && (
        <section className="page-section">
          <h2 className="page-part">Clients</h2>
          {clients.map((client) => (
            <p key={client.id} className="found-client">
              <Link to={`/clients/${client.id}`}>{client.name}</Link>
            </p>
          ))}
        </section>
      )}
      {garments.length > 0 && (
        <section className="page-section">
          <h2 className="page-part">Garments</h2>
          {garments.map((garment) => (
            <GarmentInHand key={garment.id} garment={garment} />
          ))}
        </section>
      )}
    </Page>
  );
}
