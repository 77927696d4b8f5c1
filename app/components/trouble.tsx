import { Box, Button, Heading, Text } from "@chakra-ui/react";
import { useEffect } from "react";
import { isRouteErrorResponse, Link, useRevalidator } from "react-router";

const DATABASE_DOWN = "database-down";
const TRY_AGAIN_MS = 4000;

/** Anything that kept a page from opening, in plain words with a way on. */
export function Trouble({ error }: { readonly error: unknown }) {
  const isDown = isRouteErrorResponse(error) && error.data === DATABASE_DOWN;
  if (isDown) return <DatabaseDown />;
  if (isRouteErrorResponse(error) && error.status === 404) {
    return (
      <Message title="There is nothing at this address">
        <Text>
          {typeof error.data === "string" && error.data !== ""
            ? error.data
            : "The page may have moved, or the address was mistyped."}
        </Text>
      </Message>
    );
  }
  if (isRouteErrorResponse(error) && error.status === 403) {
    return (
      <Message title="That is not yours to do">
        <Text>{typeof error.data === "string" ? error.data : "Ask an owner of the workroom."}</Text>
      </Message>
    );
  }
  return (
    <Message title="Something went wrong on our side">
      <Text>
        Nothing you saved is lost, and what you typed on a garment is kept in this browser. Go back to the worktable and
        open it again.
      </Text>
    </Message>
  );
}

/** Asks again by itself, so that the page comes back when the database does. */
function DatabaseDown() {
  const { revalidate, state } = useRevalidator();
  useEffect(() => {
    const timer = setInterval(() => void revalidate(), TRY_AGAIN_MS);
    return () => clearInterval(timer);
  }, [revalidate]);
  return (
    <Message title="The database is not answering">
      <Text>
        Your saved work is in it and safe; what you typed on a garment is kept in this browser. This page tries again
        every few seconds.
      </Text>
      <Button
        mt="4"
        variant="outline"
        borderColor="ruleStrong"
        onClick={() => void revalidate()}
        loading={state === "loading"}
        loadingText="Trying"
      >
        Try again now
      </Button>
    </Message>
  );
}

function Message({ title, children }: { readonly title: string; readonly children: React.ReactNode }) {
  return (
    <Box maxW="36rem" mx="auto" mt="20" px="6" role="alert">
      <Heading as="h1" size="2xl" mb="3" fontFamily="heading">
        {title}
      </Heading>
      {children}
      <Text mt="6">
        <Link to="/">To the worktable</Link>
      </Text>
    </Box>
  );
}
