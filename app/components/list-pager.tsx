import { Link, useSearchParams } from "react-router";

/** Leads to the page before and after of a list that is longer than one page. */
export function ListPager({ page, hasMore }: { readonly page: number; readonly hasMore: boolean }) {
  const [search] = useSearchParams();
  if (page === 0 && !hasMore) return null;
  // Whatever else the address asks for stays asked for.
  const to = (next: number) => {
    const asked = new URLSearchParams(search);
    asked.set("page", String(next));
    return `?${asked}`;
  };
  return (
    <nav className="list-pager" aria-label="Pages">
      {page > 0 && <Link to={to(page - 1)}>Page before</Link>}
      <span>Page {page + 1}</span>
      {hasMore && <Link to={to(page + 1)}>Next page</Link>}
    </nav>
  );
}
