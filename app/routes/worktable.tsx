import { ActionLink, Page } from "@app/components/page";
import { STATIONS, stationState } from "@app/features/garment/stations";
import { GarmentInHand } from "@app/features/worktable/garment-in-hand";
import { inStudio } from "@app/server/database";
import { Text } from "@chakra-ui/react";
import { draftGarment, readGarment } from "@core/garment/index";
import { boxOf, svgPathData } from "@core/geometry/index";
import { type ListedGarment, listGarments } from "@database/queries/garments";
import { format } from "date-fns";
import { Link } from "react-router";
import type { Route } from "./+types/worktable";

export const meta: Route.MetaFunction = () => [{ title: "Worktable · Gamine" }];

export async function loader(_: Route.LoaderArgs) {
  return inStudio(async (database, studio) => ({
    studio: studio.name,
    garments: (await listGarments(database, studio.id)).map(summary),
  }));
}

/** What a glance at the worktable tells: the sleeve's shape, or the collar's, and the first station that asks for something. */
function summary({ id, name, clientName, version, changedAt, file }: ListedGarment) {
  const read = readGarment(file);
  const garment = read.ok ? draftGarment(read.spec) : null;
  const asking =
    garment &&
    STATIONS.map((station) => ({ station, ...stationState(station, garment) })).find((state) => state.mark !== "done");
  const drawn = garment?.sleeve?.drawn ?? garment?.collar?.drawn ?? [];
  const figure = (id: string) => garment?.figures.find((one) => one.id === id)?.value ?? null;
  return {
    id,
    name,
    clientName,
    version,
    changed: format(changedAt, "d MMM"),
    next: asking ?? null,
    drawing:
      drawn.length > 0
        ? {
            data: drawn.map((piece) => svgPathData(piece.outline, true)).join(""),
            box: boxOf(drawn.map((piece) => piece.outline)),
          }
        : null,
    sleeve: garment?.sleeve
      ? {
          title: garment.sleeve.draft.title,
          capHeight: garment.sleeve.family === "sewn" ? figure("sleeve.capHeight") : null,
          capEase: figure("sleeve.capEase"),
        }
      : null,
    collar: garment?.collar?.drawing.title ?? null,
  };
}

export type GarmentSummary = ReturnType<typeof summary>;

export default function Worktable({ loaderData }: Route.ComponentProps) {
  const { studio, garments } = loaderData;
  return (
    <Page title="On the worktable" actions={<ActionLink to="/garments/new">New garment</ActionLink>}>
      <Text color="inkSoft" mt="-4" mb="6">
        {studio} · {garments.length === 1 ? "one garment" : `${garments.length} garments`} in hand, last worked on first
      </Text>
      {garments.length === 0 ? (
        <Text fontSize="lg">
          Nothing in hand. <Link to="/clients/new">Add a client</Link> with their measures, then start a garment for
          them: three tape readings of the armhole and one of the arm are enough for a sleeve.
        </Text>
      ) : (
        garments.map((garment) => <GarmentInHand key={garment.id} garment={garment} />)
      )}
    </Page>
  );
}
