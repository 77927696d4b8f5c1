import { Page } from "@app/components/page";
import { ShelfActs } from "@app/features/shelves/shelf-acts";
import { actOf } from "@app/server/acts";
import { attemptInStudio, inStudio } from "@app/server/database";
import { postedForm, textsOf } from "@app/server/posted-texts";
import { Box, Flex, Text } from "@chakra-ui/react";
import { SHELF_ACTS, SHELVED } from "@database/studio-queries";
import { format } from "date-fns";
import { data, Link, redirect, useSearchParams } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/shelves";

export const meta: Route.MetaFunction = () => [{ title: "Put away · Gamine" }];

const ASKED = z.object({ what: z.enum(SHELVED), id: z.uuid(), act: z.enum(SHELF_ACTS) });

export async function loader({ context }: Route.LoaderArgs) {
  const shelves = await inStudio(context, (queries) => queries.listShelves());
  return shelves.map(({ what, id, name, archivedAt, deletedAt }) => ({
    what,
    id,
    name,
    isDeleted: deletedAt !== null,
    day: format(deletedAt ?? archivedAt ?? new Date(0), "d MMM yyyy"),
  }));
}

/** Puts a client or a garment away, deletes it, takes it back out, or destroys it; then shows where that can be undone. */
export async function action({ request, context }: Route.ActionArgs) {
  const form = await postedForm(request);
  const asked = ASKED.safeParse(textsOf(form));
  if (!asked.success) return data({ problem: "Nothing was done: no client and no garment was named." }, 422);
  const { what, id, act } = asked.data;
  const done = await attemptInStudio(context, actOf(request, form), (queries) => queries.shelve(what, id, act));
  if (!done.ok) return data({ problem: done.sentence }, 503);
  if (!done.value) return data({ problem: `This ${what} is not here any more, or was not deleted before.` }, 404);
  if (act === "restore") return redirect(what === "client" ? `/clients/${id}` : `/garments/${id}/sleeve`);
  return redirect(act === "destroy" ? "/shelves" : `/shelves?just=${id}`);
}

export default function Shelves({ loaderData: shelves, actionData }: Route.ComponentProps) {
  const [search] = useSearchParams();
  const just = shelves.find(({ id }) => id === search.get("just"));
  return (
    <Page title="On the shelves">
      <Text color="inkSoft" mt="-4" mb="6" maxW="44rem">
        What is put away or deleted is in no list, and can be taken back out from here. A client’s garments go and come
        with the client. A deleted garment can be destroyed for good: nobody can bring it back then.
      </Text>
      {actionData && (
        <Text role="alert" color="fault" mb="4">
          {actionData.problem}
        </Text>
      )}
      {just && (
        <Flex
          role="status"
          align="center"
          gap="4"
          wrap="wrap"
          mb="6"
          p="3"
          bg="panel"
          border="1px solid"
          borderColor="rule"
        >
          <Text>
            “{just.name}” is {just.isDeleted ? "deleted" : "put away"}.
          </Text>
          <ShelfActs what={just.what} id={just.id} acts={["restore"]} />
        </Flex>
      )}
      {shelves.length === 0 ? (
        <Text fontSize="lg">
          Nothing is put away. <Link to="/">To the worktable</Link>
        </Text>
      ) : (
        shelves.map(({ what, id, name, isDeleted, day }) => (
          <Flex
            key={id}
            data-shelved={name}
            align="center"
            justify="space-between"
            gap="4"
            wrap="wrap"
            py="3"
            borderTop="1px solid"
            borderColor="rule"
          >
            <Box minW="0">
              <Text fontWeight="600" overflowWrap="anywhere">
                {name}
              </Text>
              <Text color="inkSoft">
                {what === "client" ? "Client" : "Garment"}, {isDeleted ? "deleted" : "put away"} {day}
              </Text>
            </Box>
            <ShelfActs what={what} id={id} acts={isDeleted ? ["restore", "destroy"] : ["restore", "delete"]} />
          </Flex>
        ))
      )}
    </Page>
  );
}
