import { Button, Flex, Input } from "@chakra-ui/react";
import { Search } from "lucide-react";
import { Form } from "react-router";

/** Finds clients and garments by a part of their name. */
export function SearchBox({ words = "", action = "/search" }: { readonly words?: string; readonly action?: string }) {
  return (
    <Form method="get" action={action} role="search">
      <Flex gap="2" maxW="26rem">
        <Input
          name="q"
          type="search"
          defaultValue={words}
          placeholder="A part of a name"
          aria-label="Find a client or a garment"
          bg="panel"
          borderColor="ruleStrong"
          maxLength={100}
          _placeholder={{ color: "inkSoft" }}
        />
        <Button type="submit" variant="outline" borderColor="ruleStrong" color="ink">
          <Search size={16} aria-hidden /> Find
        </Button>
      </Flex>
    </Form>
  );
}
