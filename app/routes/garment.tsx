import { Page } from "@app/components/page";
import { StudioClothsProvider } from "@app/features/cloths/studio-cloths";
import { StudioEaseProvider } from "@app/features/settings/studio-ease";
import { actOf } from "@app/server/acts";
import { attemptInStudio, idFrom, inStudio, membershipOf, notFound } from "@app/server/database";
import { postedForm, textsOf } from "@app/server/posted-texts";
import { saveGarment } from "@app/server/save-garment";
import { Bench } from "@app/stations/bench";
import { Unreadable } from "@app/stations/unreadable";
import { hasKeptWork } from "@app/work/kept-work";
import { isStation } from "@app/work/stations";
import { WorkProvider } from "@app/work/work-context";
import { createWorkStore } from "@app/work/work-store";
import { Text } from "@chakra-ui/react";
import { armsOf, latestOf } from "@core/body/index";
import { readGarment, readGarmentText } from "@core/spec/index";

import { format, parseISO } from "date-fns";
import { data, redirect, type ShouldRevalidateFunctionArgs } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/garment";

export async function loader({ params, context }: Route.LoaderArgs) {
  const garmentId = idFrom(params.garmentId, "This garment");
  if (!isStation(params.station)) notFound("This station");
  const { garment, newest, cloths } = await inStudio(context, async (queries) => {
    const found = await queries.findGarment(garmentId);
    const history = found ? await queries.measurementHistory(found.clientId) : [];
    const newest = history[0] && { ...history[0], measures: latestOf(history.map(({ measures }) => measures)) };
    const [table, own] = await Promise.all([queries.clothTable(), queries.listOwnCloths()]);
    return { garment: found, newest, cloths: { table, own: own.filter(({ isRetired }) => !isRetired) } };
  });
  if (!garment) notFound("This garment");
  const read = readGarment(garment.file);
  if (!read.ok) {
    return {
      kind: "unreadable" as const,
      garmentId,
      name: garment.name,
      version: garment.version,
      file: JSON.stringify(garment.file, null, 2),
      issues: read.issues.map(({ message }) => message),
    };
  }
  return {
    kind: "garment" as const,
    name: read.spec.name,
    garmentId,
    clientId: garment.clientId,
    clientName: garment.clientName,
    version: garment.version,
    spec: read.spec,
    cloths,
    ease: membershipOf(context).studio.settings.ease ?? {},
    newest: newest ? { day: format(parseISO(newest.takenOn), "d MMM yyyy"), ...armsOf(newest.measures) } : null,
  };
}

/** A garment file is a few kilobytes. */
const MOST_CHARACTERS = 200_000;

const MENDED = z.object({ file: z.string().max(MOST_CHARACTERS), basedOn: z.coerce.number().int().positive() });

/** Takes a garment file that was mended by hand, where the stored one could not be read. */
export async function action({ request, params, context }: Route.ActionArgs) {
  const garmentId = idFrom(params.garmentId, "This garment");
  const form = await postedForm(request);
  const sent = MENDED.safeParse(textsOf(form));
  if (!sent.success) return data({ problems: ["This is not a garment file."] }, { status: 422 });
  const read = readGarmentText(sent.data.file);
  if (!read.ok) return data({ problems: read.issues.map(({ message }) => message) }, { status: 422 });
  const kept = await attemptInStudio(context, actOf(request, form), (queries) =>
    saveGarment(queries, garmentId, read.spec, { basedOn: sent.data.basedOn }),
  );
  if (!kept.ok) return data({ problems: [kept.sentence] }, { status: 503 });
  return kept.value ? redirect(`/garments/${garmentId}/sleeve`) : notFound("This garment");
}

/**
 * What is on the table stays there whatever is looked at, also when the station that is open is asked for again: the server is
 * only asked after something was sent to it, for another garment, or on coming back.
 */
export function shouldRevalidate(asked: ShouldRevalidateFunctionArgs) {
  const isLooking = asked.formMethod === undefined && asked.currentParams.garmentId === asked.nextParams.garmentId;
  return isLooking ? false : asked.defaultShouldRevalidate;
}

/**
 * The draft is laid out in the browser alone: drawing it on the server as well took forty times as long as looking the garment up, for a
 * picture that nothing could be done with until the browser had drawn it again.
 */
export async function clientLoader({ params, serverLoader }: Route.ClientLoaderArgs) {
  const [loaded, kept] = await Promise.all([serverLoader(), keptWork(params.garmentId)]);
  if (loaded.kind !== "garment") return { ...loaded, work: null };
  // The first draft is made in a task of its own: together with what comes before and after, it held up the page for a third of a second.
  await nextTask();
  return { ...loaded, work: createWorkStore(loaded.spec, loaded.version, kept) };
}

const nextTask = () => new Promise((resolve) => setTimeout(resolve));

async function keptWork(garmentId: string) {
  if (!hasKeptWork(garmentId)) return null;
  // Reading a garment file takes the whole schema, which a garment that is opened as it was saved does not wait for.
  const { readKeptWork } = await import("@app/work/read-kept-work");
  return readKeptWork(garmentId);
}

clientLoader.hydrate = true as const;

export function HydrateFallback() {
  return (
    <Page title="One moment">
      <Text color="inkSoft">The garment is being laid out.</Text>
    </Page>
  );
}

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: loaderData ? `${loaderData.name} · Gamine` : "Gamine" },
];

export default function GarmentPage({ loaderData, actionData, params }: Route.ComponentProps) {
  if (loaderData.kind === "unreadable") {
    return <Unreadable {...loaderData} issues={actionData?.problems ?? loaderData.issues} />;
  }
  const { garmentId, clientId, clientName, newest, cloths, ease } = loaderData;
  // The server has no work on its table: it is begun in the browser.
  if (!("work" in loaderData) || !loaderData.work) return <HydrateFallback />;
  return (
    <WorkProvider key={garmentId} garmentId={garmentId} begun={loaderData.work}>
      <StudioClothsProvider value={cloths}>
        <StudioEaseProvider value={ease}>
          <Bench
            garmentId={garmentId}
            client={{ id: clientId, name: clientName, newest }}
            station={isStation(params.station) ? params.station : "sleeve"}
          />
        </StudioEaseProvider>
      </StudioClothsProvider>
    </WorkProvider>
  );
}
