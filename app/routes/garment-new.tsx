import { ActForm } from "@app/components/act-form";
import { Page } from "@app/components/page";
import { useUnit } from "@app/components/preferences";
import { SearchBox } from "@app/components/search-box";
import { type ClientProblems, readClient } from "@app/features/clients/client-texts";
import { NewClientBoxes } from "@app/features/starting/new-client-boxes";
import { OwnPoints } from "@app/features/starting/own-points";
import { PointChoice } from "@app/features/starting/point-choice";
import { actOf } from "@app/server/acts";
import { attemptInStudio, inStudio } from "@app/server/database";
import { keptGarment } from "@app/server/kept-garment";
import { postedForm, storable, textsOf } from "@app/server/posted-texts";
import { readPreferences } from "@app/server/preferences";
import { Box, Button, Field, Flex, Heading, Input, NativeSelect, Text } from "@chakra-ui/react";
import { armsOf, latestOf, type Taken } from "@core/body/index";
import { pictureOf, sketchGarment } from "@core/garment/index";
import { type GarmentSpec, readGarmentText } from "@core/spec/index";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "@core/starting/index";
import { withSettings } from "@core/studio/index";
import type { StudioQueries } from "@database/studio-queries";
import { format } from "date-fns";
import { useState } from "react";
import { data, redirect, useNavigation, useSearchParams } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/garment-new";

export const meta: Route.MetaFunction = () => [{ title: "New garment · Gamine" }];

const LARGEST_FILE = 200_000;
const LONGEST_NAME = 120;
const NEW_CLIENT = "new";

const NEW_GARMENT = z.object({
  client: z.union([z.literal(NEW_CLIENT), z.uuid("Choose whom the garment is for.")]),
  point: z.string().default(""),
  name: z.string().trim().max(LONGEST_NAME, `A name has at most ${LONGEST_NAME} letters.`).default(""),
  file: z.instanceof(File, { message: "The garment file did not arrive whole: choose it again." }).optional(),
});

/** The client that is asked for, those whose name holds what is looked for, or the first by name; and what can be made, drawn for the first. */
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
    const [first] = clients;
    const { body } = armsOf(first ? await takenOf(queries, first.id) : {});
    return {
      words,
      clients,
      isLong: words !== "" || (page?.hasMore ?? false),
      points: (await allPoints(queries)).flatMap((point) => {
        const spec = startedFrom(point, { ...MIDDLE_BODY, ...body });
        const { id, name, says, isOwn } = point;
        return spec ? [{ id, name, says, isOwn, picture: pictureOf(sketchGarment(spec)) }] : [];
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

type Answer = { readonly problems: readonly string[]; readonly boxes: ClientProblems };

function refused(problems: readonly string[], boxes: ClientProblems = {}, status = 422) {
  return data({ problems, boxes } satisfies Answer, { status });
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
  const newClient =
    asked === NEW_CLIENT
      ? readClient(
          { ...texts, name: texts.clientName ?? "", note: "", takenOn: format(new Date(), "yyyy-MM-dd") },
          true,
        )
      : null;
  if (newClient && Object.keys(newClient.problems).length > 0)
    return refused(["A box of the new client needs another look."], newClient.problems);
  const attempt = await attemptInStudio(context, actOf(request, form), async (queries, studio) => {
    if (!newClient && (await queries.findClient(asked)) === null) return null;
    const point = (await allPoints(queries)).find(({ id }) => id === pointId);
    if (!opened && !point) return "no-point";
    const takes = await queries.clothTable();
    const clientId = newClient ? await queries.addClient(newClient) : asked;
    const { body, otherArm } = armsOf(await takenOf(queries, clientId));
    const started = point && startedFrom(point, body, otherArm);
    const spec = opened?.spec ?? (started && withCloth(started, takes));
    if (!spec) return "no-point";
    const name = storable(given) || spec.name;
    // What is usual in this workroom stands in the garment from its first day, as it is kept in millimetres.
    const begun = opened ? spec : withSettings(spec, studio.settings, unit);
    const kept = { ...begun, name, unit: newClient?.unit ?? spec.unit };
    const id = await queries.addGarment({ clientId, ...keptGarment(kept) });
    return { id, opensAt: kept.block.source === "readings" ? "block" : "pieces" };
  });
  if (!attempt.ok) return refused([attempt.sentence], {}, 503);
  if (attempt.value === null) return refused(["Choose whom the garment is for."]);
  if (attempt.value === "no-point") return refused(["Choose what is to be made."]);
  return redirect(`/garments/${attempt.value.id}/${attempt.value.opensAt}`);
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
  const { clients, words, isLong, points } = loaderData;
  const unit = useUnit();
  const [search] = useSearchParams();
  const isSaving = useNavigation().state !== "idle";
  const asked = search.get("client");
  const [client, setClient] = useState(clients.find(({ id }) => id === asked)?.id ?? clients[0]?.id ?? NEW_CLIENT);
  return (
    <Page title="New garment">
      {isLong && (
        <Box mb="6">
          <Text mb="1.5">For whom? Find the client first.</Text>
          <SearchBox key={words} words={words} action="/garments/new" />
        </Box>
      )}
      <ActForm encType="multipart/form-data" noValidate>
        <input type="hidden" name="unit" value={unit} />
        <Flex direction="column" gap="6">
          <Flex gap="6" wrap="wrap" align="flex-start">
            <Field.Root maxW="20rem">
              <Field.Label fontSize="md">For</Field.Label>
              <NativeSelect.Root>
                <NativeSelect.Field
                  name="client"
                  value={client}
                  autoFocus
                  bg="panel"
                  borderColor="ruleStrong"
                  onChange={(event) => setClient(event.currentTarget.value)}
                >
                  {clients.map(({ id, name }) => (
                    <option key={id} value={id}>
                      {name}
                    </option>
                  ))}
                  <option value={NEW_CLIENT}>A new client</option>
                </NativeSelect.Field>
                <NativeSelect.Indicator />
              </NativeSelect.Root>
              <Field.HelperText color="inkSoft">It starts from this client’s newest measures.</Field.HelperText>
            </Field.Root>
            <Field.Root maxW="20rem">
              <Field.Label fontSize="md">Name of the garment</Field.Label>
              <Input
                name="name"
                placeholder="Linen blouse"
                autoComplete="off"
                bg="panel"
                borderColor="ruleStrong"
                maxLength={LONGEST_NAME}
              />
            </Field.Root>
          </Flex>
          {client === NEW_CLIENT && <NewClientBoxes problems={actionData?.boxes ?? {}} />}
          <PointChoice points={points} />
          <Box borderTop="1px solid" borderColor="rule" pt="4">
            <Heading as="h2" fontSize="md" fontWeight="600">
              Or from a garment file
            </Heading>
            <Text fontSize="sm" color="inkSoft" mb="2">
              A .json file that was downloaded from Gamine. Its own measures are taken over.
            </Text>
            <input type="file" name="file" accept=".json,application/json" aria-label="Garment file" />
          </Box>
          {actionData?.problems.map((problem) => (
            <Text key={problem} role="alert" color="fault">
              {problem}
            </Text>
          ))}
          <Box position="sticky" bottom="0" py="3" bg="paper">
            <Button type="submit" bg="chalk" color="onChalk" loading={isSaving} loadingText="Starting">
              Start the garment
            </Button>
          </Box>
        </Flex>
      </ActForm>
      <OwnPoints points={points.filter(({ isOwn }) => isOwn)} />
    </Page>
  );
}
