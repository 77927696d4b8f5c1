import { Link } from "react-router";

/** Leads to the page before and after of a list that is longer than one page. */
export function ListPager({ page, hasMore }: { readonly page: number; readonly hasMore: boolean }) {
  if (page === 0 && !hasMore) return null;
  return (
    <nav className="list-pager" aria-label="Pages">
      {page > 0 && <Link to={`?page=${page - 1}`}>Page before</Link>}
      <span>Page {page + 1}</span>
      {hasMore && <Link to={`?page=${page + 1}`}>Next page</Link>}
    </nav>
  );
}
