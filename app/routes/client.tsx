import { ListPager } from "@app/components/list-pager";
import { ActionLink, Page } from "@app/components/page";
import { CsvExchange } from "@app/features/clients/csv-exchange";
import { HistoryChart } from "@app/features/clients/history-chart";
import { MeasuresTable } from "@app/features/clients/measures-table";
import { ShelfActs } from "@app/features/shelves/shelf-acts";
import { SlipsList } from "@app/measures/slips-list";
import { actOf } from "@app/server/acts";
import { attemptInStudio, idFrom, inStudio, notFound } from "@app/server/database";
import { postedForm } from "@app/server/posted-texts";
import { readPreferences } from "@app/server/preferences";
import { findSlips } from "@core/body/index";
import { pageFrom } from "@database/queries/page";
import { readMeasuresCsv } from "@importing/index";
import { format, parseISO } from "date-fns";
import { useState } from "react";
import { data, Link } from "react-router";
import type { Route } from "./+types/client";

/** As many measurings as fit beside each other. */
const SHOWN_SETS = 3;

export async function loader({ params, request, context }: Route.LoaderArgs) {
  const page = pageFrom(new URL(request.url).searchParams.get("page"));
  const clientId = idFrom(params.clientId, "This client");
  return inStudio(context, async (queries) => {
    const client = await queries.findClient(clientId);
    if (!client) notFound("This client");
    const [history, garments] = await Promise.all([
      queries.measurementHistory(clientId),
      queries.listGarmentsOf(page, clientId),
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
export async function action({ request, params, context }: Route.ActionArgs) {
  const clientId = idFrom(params.clientId, "This client");
  const form = await postedForm(request);
  const sent = form.get("csv");
  if (!(sent instanceof File) || sent.size === 0)
    return data({ problems: ["Choose a CSV file first."] }, { status: 422 });
  const { unit } = readPreferences(request);
  const read = readMeasuresCsv(await sent.text(), unit, format(new Date(), "yyyy-MM-dd"));
  if (read.problems.length > 0) return data({ problems: read.problems }, { status: 422 });
  const added = await attemptInStudio(context, actOf(request, form), (queries) =>
    queries.addMeasurementSets(clientId, read.sets),
  );
  if (!added.ok) return data({ failure: added.sentence }, { status: 503 });
  return added.value === null ? notFound("This client") : data({ kept: added.value });
}

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: loaderData ? `${loaderData.client.name} · Gamine` : "Gamine" },
];

export default function Client({ loaderData, actionData }: Route.ComponentProps) {
  const { client, history, garments, page, hasMore } = loaderData;
  const [first, setFirst] = useState(0);
  const sets = history.slice(first, first + SHOWN_SETS);
  const [newest] = history;
  return (
    <Page title={client.name} actions={<ActionLink to={`/garments/new?client=${client.id}`}>New garment</ActionLink>}>
      {client.note && <p className="page-lead">{client.note}</p>}
      <div className="client-columns">
        <section>
          <div className="part-head">
            <h2 className="page-part">Measures</h2>
            <Link to={`/clients/${client.id}/measure`}>{newest ? "Measure again" : "Measure"}</Link>
          </div>
          {newest ? (
            <MeasuresTable sets={sets} history={history} />
          ) : (
            <p className="page-note">Not measured yet. Until then every garment stands on estimates, and says so.</p>
          )}
          {history.length > SHOWN_SETS && (
            <div className="list-pager">
              <PageButton isOff={first === 0} onPress={() => setFirst(Math.max(0, first - SHOWN_SETS))}>
                Newer
              </PageButton>
              <PageButton isOff={first + SHOWN_SETS >= history.length} onPress={() => setFirst(first + SHOWN_SETS)}>
                Older
              </PageButton>
              <span>
                {first + 1} to {Math.min(first + SHOWN_SETS, history.length)} of {history.length} measurings
              </span>
            </div>
          )}
          {history.length > 1 && <HistoryChart history={history} />}
        </section>
        <section>
          <h2 className="page-part">Garments</h2>
          {garments.length === 0 ? (
            <p className="page-note">None yet. A new garment starts from the newest measures.</p>
          ) : (
            garments.map((garment) => (
              <p key={garment.id} className="client-garment">
                <Link to={`/garments/${garment.id}/sleeve`}>{garment.name}</Link>
                <span>
                  version {garment.version}, {garment.changed}
                </span>
              </p>
            ))
          )}
          <ListPager page={page} hasMore={hasMore} />
          {newest && (
            <div className="page-section">
              <SlipsList slips={findSlips(newest.measures)} hasAny />
            </div>
          )}
          <div className="page-section">
            <ShelfActs what="client" id={client.id} acts={["archive", "delete"]} />
            <p className="page-note">
              <a href={`/clients/${client.id}/data.zip`} download>
                All that is kept of {client.name}
              </a>
              , as an archive to hand out. Delete the client and destroy the garments on the shelves to remove all of
              it.
            </p>
          </div>
          <CsvExchange clientId={client.id} hasMeasures={history.length > 0} answer={actionData} />
        </section>
      </div>
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
    <button className="pager-button" type="button" disabled={isOff} onClick={onPress}>
      {children}
    </button>
  );
}
