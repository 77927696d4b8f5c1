import { ListPager } from "@app/components/list-pager";
import { ActionLink, Page } from "@app/components/page";
import { SearchBox } from "@app/components/search-box";
import { GarmentInHand } from "@app/features/worktable/garment-in-hand";
import { listedGarment } from "@app/features/worktable/listed-garment";
import { inStudio } from "@app/server/database";
import { pageFrom } from "@database/queries/page";
import { Link } from "react-router";
import type { Route } from "./+types/worktable";

export const meta: Route.MetaFunction = () => [{ title: "Worktable · Gamine" }];

export async function loader({ request, context }: Route.LoaderArgs) {
  const page = pageFrom(new URL(request.url).searchParams.get("page"));
  return inStudio(context, async (queries, studio) => {
    const { rows, hasMore } = await queries.listGarments(page);
    return { studio: studio.name, page, hasMore, garments: rows.map(listedGarment) };
  });
}

export default function Worktable({ loaderData }: Route.ComponentProps) {
  const { studio, garments, page, hasMore } = loaderData;
  return (
    <Page title="On the worktable" actions={<ActionLink to="/garments/new">New garment</ActionLink>}>
      <p className="page-lead">
        {studio} ·{" "}
        {hasMore || page > 0
          ? "what is in hand"
          : garments.length === 1
            ? "one garment in hand"
            : `${garments.length} garments in hand`}
        , last worked on first
      </p>
      {(garments.length > 0 || page > 0) && <SearchBox />}
      {garments.length === 0 ? (
        <p className="page-empty">
          Nothing in hand. <Link to="/clients/new">Add a client</Link> with their measures, then start a garment for
          them: three tape readings of the armhole and one of the arm are enough for a sleeve.
        </p>
      ) : (
        garments.map((garment) => <GarmentInHand key={garment.id} garment={garment} />)
      )}
      <ListPager page={page} hasMore={hasMore} />
    </Page>
  );
}
