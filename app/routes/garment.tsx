import { StudioClothsProvider } from "@app/features/cloths/studio-cloths";
import { Bench } from "@app/features/garment/bench";
import { isStation, type Station } from "@app/features/garment/stations";
import { WorkProvider } from "@app/features/garment/work-context";
import { idFrom, inStudio, notFound } from "@app/server/database";
import { bodyOf } from "@core/body/index";
import { readGarment } from "@core/garment/index";
import { measurementHistory } from "@database/queries/clients";
import { clothTable } from "@database/queries/cloths";
import { findGarment } from "@database/queries/garments";
import { format, parseISO } from "date-fns";
import type { ShouldRevalidateFunctionArgs } from "react-router";
import type { Route } from "./+types/garment";

export async function loader({ params }: Route.LoaderArgs) {
  const garmentId = idFrom(params.garmentId, "This garment");
  if (!isStation(params.station)) notFound("This station");
  const { garment, newest, cloths } = await inStudio(async (database, studio) => {
    const found = await findGarment(database, studio.id, garmentId);
    const [latest] = found ? await measurementHistory(database, found.clientId) : [];
    return { garment: found, newest: latest, cloths: await clothTable(database, studio.id) };
  });
  if (!garment) notFound("This garment");
  const read = readGarment(garment.file);
  if (!read.ok)
    throw new Error(
      `garment ${garmentId}: stored version ${garment.version} is not a garment: ${read.issues[0]?.message}`,
    );
  return {
    garmentId,
    clientId: garment.clientId,
    clientName: garment.clientName,
    version: garment.version,
    spec: read.spec,
    cloths,
    newest: newest ? { day: format(parseISO(newest.takenOn), "d MMM yyyy"), body: bodyOf(newest.measures) } : null,
  };
}

/**
 * What is on the table stays there whatever is looked at, also when the station that is open is asked for again: the server is
 * only asked after something was sent to it, for another garment, or on coming back.
 */
export function shouldRevalidate(asked: ShouldRevalidateFunctionArgs) {
  const isLooking = asked.formMethod === undefined && asked.currentParams.garmentId === asked.nextParams.garmentId;
  return isLooking ? false : asked.defaultShouldRevalidate;
}

export const meta: Route.MetaFunction = ({ data }) => {
  const loaded = data as { readonly spec: { readonly name: string } } | undefined;
  return [{ title: loaded ? `${loaded.spec.name} · Gamine` : "Gamine" }];
};

export default function GarmentPage({ loaderData, params }: Route.ComponentProps) {
  const { garmentId, clientId, clientName, version, spec, newest, cloths } = loaderData;
  return (
    <WorkProvider key={garmentId} garmentId={garmentId} spec={spec} version={version}>
      <StudioClothsProvider value={cloths}>
        <Bench
          garmentId={garmentId}
          client={{ id: clientId, name: clientName, newest }}
          station={params.station as Station}
        />
      </StudioClothsProvider>
    </WorkProvider>
  );
}
