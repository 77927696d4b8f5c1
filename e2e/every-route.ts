export type Route = {
  readonly path: string;
  /** Open to everybody, or nothing of a workroom is there. */
  readonly isOpen?: true;
  /** What a form or a file for it would hold; none where it takes nothing. */
  readonly sends?: Readonly<Record<string, string>> | { readonly json: unknown };
  /** What it answers with here belongs to whoever asks, and to nobody else. */
  readonly isOwn?: true;
  /** It goes on telling: there is no end to read it to. */
  readonly isEndless?: true;
};

/** What is kept in the workroom that is tried. */
type Ids = { readonly [what in "client" | "garment" | "fitting" | "photograph"]: string };

const GARMENT_FILE = JSON.stringify({ format: "gamine-garment/1", unit: "in", name: "Taken" });
/** Every address of the app, with this workroom's ids in it. A route that is not here fails the test below. */
export const everyRoute = ({ client, garment, fitting, photograph }: Ids): readonly Route[] => [
  { path: "/", isOwn: true },
  { path: "/sign-in", isOpen: true },
  { path: "/sign-out", isOwn: true },
  { path: "/studios/new", isOpen: true },
  { path: "/invitations/00000000-0000-4000-8000-000000000000", isOpen: true },
  { path: "/new-password/nobody-knows-this-one-at-all-xxxx", isOpen: true },
  { path: "/account", isOwn: true },
  { path: "/settings", isOwn: true, sends: { usualUnit: "cm" } },
  { path: "/settings/cloths", isOwn: true, sends: { act: "retire", id: garment } },
  { path: "/settings/ease", isOwn: true, sends: { unit: "cm", "shirt.bust": "18" } },
  { path: "/settings/data", isOwn: true, sends: { name: "Quayside Workroom" } },
  { path: "/settings/backup.zip", isOwn: true },
  { path: "/settings/restore", isOwn: true, sends: { json: {} } },
  { path: "/settings/people", isOwn: true, sends: { act: "let-go", id: garment } },
  { path: "/clients", isOwn: true },
  { path: "/clients/new", isOwn: true, sends: { name: "" } },
  { path: `/clients/${client}`, sends: { csv: "" } },
  { path: `/clients/${client}/measures.csv` },
  { path: `/clients/${client}/data.zip` },
  { path: `/clients/${client}/measure`, sends: { takenOn: "2026-11-20", bust: "36", unit: "in" } },
  { path: "/search?q=brandt", isOwn: true },
  { path: "/help", isOwn: true },
  { path: "/shelves", isOwn: true, sends: { what: "client", id: client, act: "delete" } },
  { path: `/garments/new?client=${client}`, isOwn: true, sends: { client, point: "work-shirt" } },
  { path: "/starting-points", sends: { act: "remove", id: garment } },
  { path: `/garments/${garment}/practice-answers`, sends: { json: { file: {}, part: "x", figure: "y", answerMm: 1 } } },
  { path: `/garments/${garment}/save`, sends: { json: { file: JSON.parse(GARMENT_FILE), basedOn: 1 } } },
  { path: `/garments/${garment}/plan`, sends: { stage: "done" } },
  { path: `/garments/${garment}/made`, sends: { json: { step: "hem", isDone: true } } },
  { path: `/garments/${garment}/versions`, sends: { restore: "1" } },
  { path: `/garments/${garment}/fittings`, sends: { act: "log", takenOn: "2026-11-20", version: "1" } },
  { path: `/garments/${garment}/fittings/${fitting}` },
  { path: `/garments/${garment}/fittings/${fitting}/keep`, sends: { json: { act: "keep", seen: [], changes: [] } } },
  { path: `/garments/${garment}/fittings/${fitting}/photographs`, sends: { remove: photograph } },
  { path: `/garments/${garment}/shared`, sends: { act: "make", shows: "card", days: "7" } },
  { path: `/photographs/${photograph}` },
  { path: "/shared/nobody-knows-this-one-at-all-xxxx", isOpen: true },
  { path: "/shared/nobody-knows-this-one-at-all-xxxx/drawing.svg", isOpen: true },
  { path: `/garments/${garment}/sleeve`, sends: { file: GARMENT_FILE, basedOn: "1" } },
  { path: "/tape/00000000-0000-4000-8000-000000000000?after=0", isOwn: true, isEndless: true },
  { path: "/theme.css", isOpen: true },
  { path: "/plotter", isOwn: true, sends: { act: "cancel", job: "1" } },
  { path: "/sheets/sheets.pdf", isOwn: true },
  { path: "/nowhere", isOwn: true },
];
