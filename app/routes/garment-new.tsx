import { Page } from "@app/components/page";
import { SearchBox } from "@app/components/search-box";
import { readClient } from "@app/features/clients/client-texts";
import { OwnPoints } from "@app/features/starting/own-points";
import { type Readings, readReadings } from "@app/features/starting/reading-texts";
import {
  LONGEST_NAME,
  NEW_CLIENT,
  type Problems,
  type StartAnswer,
  StartForm,
} from "@app/features/starting/start-form";
import { actOf } from "@app/server/acts";
import { attemptInStudio, inStudio } from "@app/server/database";
import { keptGarment } from "@app/server/kept-garment";
import { postedForm, storable, textsOf } from "@app/server/posted-texts";
import { readPreferences } from "@app/server/preferences";
import { setAtPath } from "@app/work/spec-path";
import { Text } from "@chakra-ui/react";
import { armsOf, latestOf, type Taken } from "@core/body/index";
import { pictureOf, type Station, sketchGarment } from "@core/garment/index";
import { type GarmentSpec, readGarmentText } from "@core/spec/index";
import { MIDDLE_BODY, readingsAsked, STARTING_POINTS, shownOf, startedFrom } from "@core/starting/index";
import { withSettings } from "@core/studio/index";
import type { StudioQueries } from "@database/studio-queries";
import { format } from "date-fns";
import { data, redirect } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/garment-new";

export const meta: Route.MetaFunction = () => [{ title: "New garment · Gamine" }];

const LARGEST_FILE = 200_000;

const NEW_GARMENT = z.object({
  client: z.union([z.literal(NEW_CLIENT), z.uuid("Choose whom the garment is for.")]),
  point: z.string().default(""),
  name: z.string().trim().max(LONGEST_NAME, `A name has at most ${LONGEST_NAME} letters.`).default(""),
  file: z.instanceof(File, { message: "The garment file did not arrive whole: choose it again." }).optional(),
});

/** The client that is asked for, those whose name holds what is looked for, or the first by name; and what can be made, drawn for the one that is chosen. */
export async function loader({ request, context }: Route.LoaderArgs) {
  const { searchParams } = new URL(request.url);
  const asked = z.uuid().safeParse(searchParams.get("client"));
  const words = storable(searchParams.get("q") ?? "")
    .trim()
    .slice(0, LONGEST_NAME);
  return inStudio(context, async (queries) => {
    const found = words ? await queries.searchClients(words) : null;
    const page = found ? null : await queries.listClients(0);
    const one = asked.success ? await queries.findClient(asked.data) : null;
    const others = (found ?? page?.rows ?? []).filter(({ id }) => id !== one?.id);
    const clients = [...(one ? [one] : []), ...others].map(({ id, name }) => ({ id, name }));
    const chosenClient = searchParams.get("client") === NEW_CLIENT ? NEW_CLIENT : (clients[0]?.id ?? NEW_CLIENT);
    const { body } = armsOf(chosenClient === NEW_CLIENT ? {} : await takenOf(queries, chosenClient));
    return {
      words,
      clients,
      chosenClient,
      taken: body,
      isLong: words !== "" || (page?.hasMore ?? false),
      points: (await allPoints(queries)).flatMap((point) => {
        const spec = startedFrom(point, { ...MIDDLE_BODY, ...body });
        const { id, name, says, isOwn } = point;
        if (!spec) return [];
        const picture = pictureOf(sketchGarment(spec));
        return [{ id, name, says, isOwn, picture, readings: readingsAsked(spec), ...shownOf(id) }];
      }),
    };
  });
}

/** The workroom's own first, then those of the program. */
async function allPoints(queries: StudioQueries) {
  const own = await queries.listStartingPoints();
  return [
    ...own.map((point) => ({ ...point, says: "Kept by this workroom", isOwn: true })),
    ...STARTING_POINTS.map((point) => ({ ...point, isOwn: false })),
  ];
}

async function takenOf(queries: StudioQueries, clientId: string): Promise<Taken> {
  const history = await queries.measurementHistory(clientId);
  return latestOf(history.map(({ measures }) => measures));
}

function refused(problems: readonly string[], boxes: Problems = {}, status = 422) {
  return data({ problems, boxes } satisfies StartAnswer, { status });
}

export async function action({ request, context }: Route.ActionArgs) {
  const form = await postedForm(request);
  const sent = NEW_GARMENT.safeParse(Object.fromEntries(form));
  if (!sent.success) return refused(sent.error.issues.map((issue) => issue.message));
  const { client: asked, name: given, file, point: pointId } = sent.data;
  const opened = file && file.size > 0 ? await openFile(file) : null;
  if (opened && !opened.ok) return refused(opened.sentences);
  const texts = textsOf(form);
  const { unit } = readPreferences(request);
  const isNew = asked === NEW_CLIENT;
  const today = format(new Date(), "yyyy-MM-dd");
  const read = readClient({ ...texts, name: texts.clientName ?? "", note: "", takenOn: today }, isNew);
  if (Object.keys(read.problems).length > 0) return refused([SOME_BOXES], read.problems);
  const attempt = await attemptInStudio(context, actOf(request, form), async (queries, studio) => {
    if (!isNew && (await queries.findClient(asked)) === null) return null;
    const point = (await allPoints(queries)).find(({ id }) => id === pointId);
    if (!opened && !point) return "no-point";
    const bare = point && startedFrom(point, {});
    const readings = readReadings(texts, read.unit, bare ? readingsAsked(bare) : []);
    if (Object.keys(readings.problems).length > 0) return { problems: readings.problems };
    const takes = await queries.clothTable();
    const clientId = isNew ? await queries.addClient(read) : asked;
    if (!isNew && Object.keys(read.measures).length > 0) await queries.addMeasurementSet(clientId, read);
    const { body, otherArm } = armsOf(await takenOf(queries, clientId));
    const started = point && startedFrom(point, body, otherArm);
    const spec = opened?.spec ?? (started && withCloth(withReadings(started, readings), takes));
    if (!spec) return "no-point";
    const name = storable(given) || spec.name;
    // What is usual in this workroom stands in the garment from its first day, as it is kept in millimetres.
    const begun = opened ? spec : withSettings(spec, studio.settings, unit);
    const kept = { ...begun, name, unit: isNew ? read.unit : spec.unit };
    const id = await queries.addGarment({ clientId, ...keptGarment(kept) });
    return { id, opensAt: opensAt(kept, readings) };
  });
  if (!attempt.ok) return refused([attempt.sentence], {}, 503);
  if (attempt.value === null) return refused(["Choose whom the garment is for."]);
  if (attempt.value === "no-point") return refused(["Choose what is to be made."]);
  if ("problems" in attempt.value) return refused([SOME_BOXES], attempt.value.problems);
  return redirect(`/garments/${attempt.value.id}/${attempt.value.opensAt}`);
}

const SOME_BOXES = "Some boxes need another look.";

function withReadings(spec: GarmentSpec, { lengths }: Readings): GarmentSpec {
  return Object.entries(lengths).reduce((before, [path, mm]) => setAtPath(before, path, mm), spec);
}

/** Where the work goes on: at the pieces, or, for a part alone, at what was measured, and once that is there at the part. */
function opensAt({ block, sleeve }: GarmentSpec, { lengths }: Readings): Station {
  if (block.source !== "readings") return "pieces";
  if (Object.keys(lengths).length === 0) return "block";
  return sleeve ? "sleeve" : "collar";
}

/** What the studio says that its cloths take stands in the garment from its first day. */
function withCloth(spec: GarmentSpec, table: Awaited<ReturnType<StudioQueries["clothTable"]>>): GarmentSpec {
  const takes = spec.cloth.kind && table[spec.cloth.kind];
  return takes ? { ...spec, cloth: { ...spec.cloth, takes } } : spec;
}

async function openFile(file: File) {
  if (file.size > LARGEST_FILE)
    return { ok: false as const, sentences: [`${file.name} is too large to be a garment file.`] };
  const read = readGarmentText(await file.text());
  return read.ok
    ? read
    : { ok: false as const, sentences: read.issues.map((issue) => `${file.name}: ${issue.message}`) };
}

export default function NewGarment({ loaderData, actionData }: Route.ComponentProps) {
  const { clients, words, isLong, points, taken, chosenClient } = loaderData;
  return (
    <Page title="New garment" isWide>
      {isLong && (
        <>
          <Text mb="1.5">For whom? Find the client first.</Text>
          <SearchBox key={words} words={words} action="/garments/new" />
        </>
      )}
      <StartForm
        clients={clients}
        taken={taken}
        chosenClient={chosenClient}
        points={points}
        words={isLong ? words : null}
        answer={actionData}
      />
      <OwnPoints points={points.filter(({ isOwn }) => isOwn)} />
    </Page>
  );
}
