/** So many rows of a list are asked for at a time. */
const PAGE_SIZE = 20;
/** No list is leafed through further: it is searched. */
const MOST_PAGES = 10_000;

export type Page<Row> = { readonly rows: readonly Row[]; readonly page: number; readonly hasMore: boolean };

/** One page of a list: a row more than it holds is asked for, to know whether there is another. */
export async function onePage<Row>(page: number, ask: (size: number) => Promise<readonly Row[]>): Promise<Page<Row>> {
  const rows = await ask(PAGE_SIZE + 1);
  return { rows: rows.slice(0, PAGE_SIZE), page, hasMore: rows.length > PAGE_SIZE };
}

export function startOf(page: number): number {
  return page * PAGE_SIZE;
}

/** The page that an address asks for, from 0; the first for anything that is none. */
export function pageFrom(written: string | null): number {
  const page = written !== null && /^\d{1,5}$/.test(written) ? Number(written) : 0;
  return Math.min(MOST_PAGES, page);
}
