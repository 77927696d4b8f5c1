import { ListPager } from "@app/components/list-pager";
import { ActionLink, Page } from "@app/components/page";
import { SearchBox } from "@app/components/search-box";
import { listedGarment } from "@app/features/worktable/listed-garment";
import { WorkRow } from "@app/features/worktable/work-row";
import { inStudio } from "@app/server/database";
import { COUNTED, SHELVES_OF_WORK, type ShelfOfWork } from "@database/queries/garment-lists";
import { pageFrom } from "@database/queries/page";
import { Link } from "react-router";
import type { Route } from "./+types/worktable";

export const meta: Route.MetaFunction = () => [{ title: "Worktable · Gamine" }];

const shelfFrom = (text: string | null): ShelfOfWork => SHELVES_OF_WORK.find((one) => one === text) ?? "in-hand";

export async function loader({ request, context }: Route.LoaderArgs) {
  const asked = new URL(request.url).searchParams;
  const page = pageFrom(asked.get("page"));
  const shelf = shelfFrom(asked.get("show"));
  return inStudio(context, async (queries, studio) => {
    const [{ rows, hasMore }, counts] = await Promise.all([queries.listGarments(page, shelf), queries.countShelves()]);
    return {
      studio: studio.name,
      mayChange: queries.role !== "reader",
      page,
      hasMore,
      shelf,
      counts: SHELVES_OF_WORK.map((one) => ({ shelf: one, count: counts[one] })),
      most: COUNTED,
      garments: rows.map(listedGarment),
    };
  });
}

const SHELF_NAMES: Readonly<Record<ShelfOfWork, string>> = {
  "in-hand": "In hand",
  due: "Due",
  fitting: "Fittings",
  findings: "To mend",
  measured: "Measured",
  drafted: "Drafted",
  cut: "Cut",
  sewn: "Sewn",
  fitted: "Fitted",
  done: "Done",
};

export default function Worktable({ loaderData }: Route.ComponentProps) {
  const { studio, mayChange, garments, page, hasMore, shelf, counts, most } = loaderData;
  const isEmpty = garments.length === 0 && page === 0;
  const hasAny = counts.some(({ count }) => count > 0);
  return (
    <Page
      isWide
      title={studio}
      actions={
        <span className="settings-acts">
          {hasAny && <SearchBox />}
          {mayChange && <ActionLink to="/garments/new">New garment</ActionLink>}
        </span>
      }
    >
      {hasAny && (
        <nav className="work-shelves" aria-label="What is shown">
          {counts.map(({ shelf: one, count }) => (
            <Link
              key={one}
              to={one === "in-hand" ? "/" : `/?show=${one}`}
              aria-current={one === shelf ? "true" : undefined}
            >
              {SHELF_NAMES[one]} <b>{count > most ? `${most}+` : count}</b>
            </Link>
          ))}
        </nav>
      )}
      {!hasAny ? (
        <p className="page-empty">
          Nothing in hand. <Link to="/clients/new">Add a client</Link> with their measures, then start a garment for
          them: three tape readings of the armhole and one of the arm are enough for a sleeve.
        </p>
      ) : isEmpty ? (
        <p className="page-empty">
          Nothing here. <Link to="/">See all that is in hand</Link>
        </p>
      ) : (
        <table className="list-table work-table">
          <thead>
            <tr>
              <th className="desk-only" aria-label="Drawing" />
              <th>Garment</th>
              <th>Stage</th>
              <th className="desk-only">Due</th>
              <th className="desk-only">Next fitting</th>
              <th>Asks for</th>
              <th className="desk-only">Cloth to buy</th>
            </tr>
          </thead>
          <tbody>
            {garments.map((garment) => (
              <WorkRow key={garment.id} garment={garment} mayChange={mayChange} />
            ))}
          </tbody>
        </table>
      )}
      <ListPager page={page} hasMore={hasMore} />
    </Page>
  );
}
