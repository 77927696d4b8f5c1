import { Search } from "lucide-react";
import { Form } from "react-router";

/** Finds clients and garments by a part of their name. */
export function SearchBox({ words = "", action = "/search" }: { readonly words?: string; readonly action?: string }) {
  return (
    <Form className="search-box" method="get" action={action} role="search">
      <input
        name="q"
        type="search"
        defaultValue={words}
        placeholder="A part of a name"
        aria-label="Find a client or a garment"
        maxLength={100}
      />
      <button className="plain-button" type="submit">
        <Search size={16} aria-hidden /> Find
      </button>
    </Form>
  );
}
