import { Flex, Text } from "@chakra-ui/react";
import { Link } from "react-router";

/** Leads to the page before and after of a list that is longer than one page. */
export function ListPager({ page, hasMore }: { readonly page: number; readonly hasMore: boolean }) {
  if (page === 0 && !hasMore) return null;
  return (
    <Flex as="nav" aria-label="Pages" gap="5" mt="5" align="baseline">
      {page > 0 && <Link to={`?page=${page - 1}`}>Page before</Link>}
      <Text color="inkSoft">Page {page + 1}</Text>
      {hasMore && <Link to={`?page=${page + 1}`}>Next page</Link>}
    </Flex>
  );
}
