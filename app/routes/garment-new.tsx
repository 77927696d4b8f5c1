import { Page } from "@app/components/page";
import { SearchBox } from "@app/components/search-box";
import { attemptInStudio, inStudio } from "@app/server/database";
import { postedForm, storable } from "@app/server/posted-texts";
import { Box, Button, Field, Flex, Heading, Input, NativeSelect, Text } from "@chakra-ui/react";
import { bodyOf, latestOf } from "@core/body/index";
import { DEFAULT_CLOTH } from "@core/cloth/index";
import { summaryOf } from "@core/garment/index";
import { emptyGarment, readGarmentText, writeGarment } from "@core/spec/index";
import { data, Form, Link, redirect, useNavigation, useSearchParams } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/garment-new";

export const meta: Route.MetaFunction = () => [{ title: "New garment · Gamine" }];

const LARGEST_FILE = 200_000;
const LONGEST_NAME = 120;

const NEW_GARMENT = z.object({
  client: z.uuid("Choose whom the garment is for."),
  name: z.string().trim().max(LONGEST_NAME, `A name has at most ${LONGEST_NAME} letters.`).default(""),
  file: z.instanceof(File, { message: "The garment file did not arrive whole: choose it again." }).optional(),
});

/** The client that is asked for, those whose name holds what is looked for, or the first by name. */
export async function loader({ request }: Route.LoaderArgs) {
  const { searchParams } = new URL(request.url);
  const asked = z.uuid().safeParse(searchParams.get("client"));
  const words = storable(searchParams.get("q") ?? "")
    .trim()
    .slice(0, LONGEST_NAME);
  return inStudio(async (queries) => {
    const found = words ? await queries.searchClients(words) : null;
    const page = found ? null : await queries.listClients(0);
    const one = asked.success ? await queries.findClient(asked.data) : null;
    const others = (found ?? page?.rows ?? []).filter(({ id }) => id !== one?.id);
    return {
      words,
      clients: [...(one ? [one] : []), ...others].map(({ id, name }) => ({ id, name })),
      isLong: words !== "" || (page?.hasMore ?? false),
    };
  });
}

export async function action({ request }: Route.ActionArgs) {
  const sent = NEW_GARMENT.safeParse(Object.fromEntries(await postedForm(request)));
  if (!sent.success) return data({ problems: sent.error.issues.map((issue) => issue.message) }, { status: 422 });
  const { client: clientId, name: given, file } = sent.data;
  const opened = file && file.size > 0 ? await openFile(file) : null;
  if (opened && !opened.ok) return data({ problems: opened.sentences }, { status: 422 });
  const attempt = await attemptInStudio(async (queries) => {
    if ((await queries.findClient(clientId)) === null) return null;
    const history = await queries.measurementHistory(clientId);
    const takes = (await queries.clothTable())[DEFAULT_CLOTH];
    const spec = opened?.spec ?? {
      ...emptyGarment(given || "New garment", "in"),
      body: bodyOf(latestOf(history.map(({ measures }) => measures))),
      cloth: takes ? { kind: DEFAULT_CLOTH, takes } : {},
    };
    const name = storable(given) || spec.name;
    const kept = { ...spec, name };
    return queries.addGarment({
      clientId,
      name,
      file: writeGarment(kept, "mm"),
      summary: summaryOf(kept),
    });
  });
  if (!attempt.ok) return data({ problems: [attempt.sentence] }, { status: 503 });
  if (attempt.value === null) return data({ problems: ["Choose whom the garment is for."] }, { status: 422 });
  return redirect(`/garments/${attempt.value}/block`);
}

async function openFile(file: File) {
  if (file.size > LARGEST_FILE)
    return { ok: false as const, sentences: [`${file.name} is too large to be a garment file.`] };
  const read = readGarmentText(await file.text());
  return read.ok
    ? read
    : { ok: false as const, sentences: read.issues.map((issue) => `${file.name}: ${issue.message}`) };
}

export default function NewGarment({ loaderData: { clients, words, isLong }, actionData }: Route.ComponentProps) {
  const [search] = useSearchParams();
  const isSaving = useNavigation().state !== "idle";
  const asked = search.get("client");
  if (clients.length === 0 && words === "") {
    return (
      <Page title="New garment">
        <Text>
          A garment is made for someone: <Link to="/clients/new">add a client</Link> first.
        </Text>
      </Page>
    );
  }
  return (
    <Page title="New garment">
      {isLong && (
        <Box mb="6">
          <Text mb="1.5">For whom? Find the client first.</Text>
          <SearchBox key={words} words={words} action="/garments/new" />
        </Box>
      )}
      <Form method="post" encType="multipart/form-data">
        <Flex direction="column" gap="5" maxW="30rem">
          <Field.Root>
            <Field.Label fontSize="md">For</Field.Label>
            <NativeSelect.Root>
              <NativeSelect.Field
                name="client"
                defaultValue={clients.find((client) => client.id === asked)?.id ?? clients[0]?.id}
                bg="panel"
                borderColor="ruleStrong"
              >
                {clients.map((client) => (
                  <option key={client.id} value={client.id}>
                    {client.name}
                  </option>
                ))}
              </NativeSelect.Field>
              <NativeSelect.Indicator />
            </NativeSelect.Root>
            <Field.HelperText color="inkSoft">It starts from this client’s newest measures.</Field.HelperText>
          </Field.Root>
          <Field.Root>
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
          <Box>
            <Button type="submit" bg="chalk" color="onChalk" loading={isSaving} loadingText="Starting">
              Start the garment
            </Button>
          </Box>
        </Flex>
      </Form>
    </Page>
  );
}
