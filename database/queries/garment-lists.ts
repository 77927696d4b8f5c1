import { eachOf } from "@core/data/index";
import { STAGES, type Stage } from "@core/garment/index";
import {
  type AnyColumn,
  and,
  asc,
  desc,
  eq,
  ilike,
  isNotNull,
  isNull,
  ne,
  notInArray,
  or,
  type SQL,
  sql,
} from "drizzle-orm";
import type { Database } from "../client";
import { clients, garments } from "../schema/work";
import { type ListedGarment, named } from "./garments";
import { onePage, type Page, startOf } from "./page";
import { preparedOnce } from "./prepared";
import { begins, holds } from "./words";

const { clientName: _ofTheClient, ...own } = { ...named, summary: garments.summary, search: garments.search };
const size = sql.placeholder("size");

/** Garments that nobody put away. Clients who were put away are few, and are kept out as a set. */
function inHand(database: Database, which?: SQL) {
  const studioId = sql.placeholder("studioId");
  const putAway = database
    .select({ id: clients.id })
    .from(clients)
    .where(and(eq(clients.studioId, studioId), or(isNotNull(clients.archivedAt), isNotNull(clients.deletedAt))));
  return database
    .select(own)
    .from(garments)
    .where(
      and(
        eq(garments.studioId, studioId),
        isNull(garments.archivedAt),
        isNull(garments.deletedAt),
        notInArray(garments.clientId, putAway),
        which,
      ),
    );
}

/**
 * The page is cut out of the garments alone, and only its rows are joined to their clients: those of the pages before would be joined as
 * well.
 */
function listed(database: Database, which?: SQL, order: Order = "changed") {
  return withClients(database, rowsOf(database, which, order), order);
}

const rowsOf = (database: Database, which: SQL | undefined, order: Order) =>
  inHand(database, which)
    .orderBy(...ORDERS[order].garments)
    .limit(size)
    .offset(sql.placeholder("from"))
    .as("listed");

type Order = "changed" | "by-letters" | "due" | "fitting";
/** Words that few garments have are looked up by their letters: in the order of their dates all garments would be walked through. */
const BY_LETTERS = desc(sql`${garments.changedAt} + interval '0'`);
const ORDERS = {
  changed: { garments: [desc(garments.changedAt)], rows: "changed" },
  "by-letters": { garments: [BY_LETTERS], rows: "changed" },
  due: { garments: [asc(garments.dueOn), desc(garments.changedAt)], rows: "due" },
  fitting: { garments: [asc(garments.fittingOn), desc(garments.changedAt)], rows: "fitting" },
} as const;

function withClients(database: Database, rows: ReturnType<typeof rowsOf>, order: Order) {
  const { id, name, clientId, version, changedAt, summary, stage, dueOn, fittingOn } = rows;
  const first = { changed: [], due: [asc(rows.dueOn)], fitting: [asc(rows.fittingOn)] }[ORDERS[order].rows];
  return database
    .select({ id, name, clientId, clientName: clients.name, version, changedAt, summary, stage, dueOn, fittingOn })
    .from(rows)
    .innerJoin(clients, eq(clients.id, rows.clientId))
    .orderBy(...first, desc(rows.changedAt));
}

/** What of the worktable is looked at: what is in hand, one stage of it, what is due, what is to be tried on, what has findings open. */
export const SHELVES_OF_WORK = ["in-hand", "due", "fitting", "findings", ...STAGES] as const;
export type ShelfOfWork = (typeof SHELVES_OF_WORK)[number];

const isNotDone = ne(garments.stage, "done");
const WHICH: Readonly<Record<Exclude<ShelfOfWork, Stage>, { readonly which: SQL | undefined; readonly order: Order }>> =
  {
    "in-hand": { which: isNotDone, order: "changed" },
    due: { which: and(isNotDone, isNotNull(garments.dueOn)), order: "due" },
    fitting: { which: and(isNotDone, isNotNull(garments.fittingOn)), order: "fitting" },
    findings: { which: and(isNotDone, sql`${garments.summary} #> '{findings,faults}' > '0'::jsonb`), order: "changed" },
  };
const isOther = (shelf: ShelfOfWork): shelf is Exclude<ShelfOfWork, Stage> => shelf in WHICH;

const shelves = preparedOnce(
  (database) =>
    new Map(
      SHELVES_OF_WORK.map((shelf) => {
        const { which, order } = isOther(shelf)
          ? WHICH[shelf]
          : ({ which: eq(garments.stage, shelf), order: "changed" } as const);
        return [shelf, listed(database, which, order).prepare(`work_${shelf.replace("-", "_")}`)];
      }),
    ),
);
const garmentsOfClient = preparedOnce((database) =>
  listed(database, eq(garments.clientId, sql.placeholder("clientId"))).prepare("garments_of_client"),
);

/** So many of the newest are looked through for words before all are. */
const NEWEST = 300;
/** Every word of what is looked for begins a word of the garment; or its name holds all of it as it is written. */
const isFound = ({ search, name }: { readonly search: AnyColumn; readonly name: AnyColumn }) =>
  or(sql`${search} @@ to_tsquery('simple', ${sql.placeholder("begun")})`, ilike(name, sql.placeholder("pattern")));
const newestFound = preparedOnce((database) => {
  const newest = inHand(database).orderBy(desc(garments.changedAt)).limit(NEWEST).as("newest");
  const found = database
    .select()
    .from(newest)
    .where(isFound(newest))
    .orderBy(desc(newest.changedAt))
    .limit(size)
    .as("listed");
  return withClients(database, found, "changed").prepare("newest_garments_found");
});
const garmentsFound = preparedOnce((database) =>
  listed(database, isFound(garments), "by-letters").prepare("garments_found"),
);

/** A page of what is in hand, last worked on first, or what is due or to be tried on, the first day first. */
export async function listGarments(
  database: Database,
  studioId: string,
  page: number,
  shelf: ShelfOfWork = "in-hand",
): Promise<Page<ListedGarment>> {
  const query = shelves(database).get(shelf);
  if (!query) throw new RangeError(`listGarments: no shelf "${shelf}"`);
  return onePage(page, (size) => query.execute({ studioId, size, from: startOf(page) }));
}

/** A page of one person's garments, whatever their stage, last worked on first. */
export async function listGarmentsOf(
  database: Database,
  studioId: string,
  page: number,
  clientId: string,
): Promise<Page<ListedGarment>> {
  return onePage(page, (size) => garmentsOfClient(database).execute({ studioId, clientId, size, from: startOf(page) }));
}

/** Beyond this many it is only said that there are more: counting all takes longer than looking at a page of them. */
export const COUNTED = 99;

/** How many garments each shelf holds, up to `COUNTED` and one more. */
export async function countShelves(
  database: Database,
  studioId: string,
): Promise<Readonly<Record<ShelfOfWork, number>>> {
  const [row] = await counts(database).execute({ studioId });
  if (!row) throw new Error("countShelves: the database returned no row");
  return row;
}

const counts = preparedOnce((database) => {
  const count = (shelf: ShelfOfWork) => {
    const which = isOther(shelf) ? WHICH[shelf].which : eq(garments.stage, shelf);
    return sql<number>`(select count(*)::int from ${inHand(database, which)
      .limit(COUNTED + 1)
      .as("some")})`;
  };
  return database.select(eachOf(SHELVES_OF_WORK, count)).from(sql`(select 1) as one`).prepare("counts_of_work");
});

/**
 * The garments that are found by these words, last worked on first; as many as a page holds. Words that many have are soon found among the
 * newest, and those that few have by their letters: either alone takes a tenth of a second for the other's.
 */
export async function searchGarments(
  database: Database,
  studioId: string,
  words: string,
): Promise<readonly ListedGarment[]> {
  const asked = { studioId, pattern: holds(words), begun: begins(words), from: 0 };
  const { rows } = await onePage(0, async (size) => {
    const newest = await newestFound(database).execute({ ...asked, size });
    return newest.length === size ? newest : garmentsFound(database).execute({ ...asked, size });
  });
  return rows;
}
