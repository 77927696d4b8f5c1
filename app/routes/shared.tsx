import { Sentence } from "@app/components/length-text";
import { Page } from "@app/components/page";
import { notFound } from "@app/server/database";
import { sharedBy } from "@app/server/shared-link";
import { cutList } from "@core/cut/index";
import { draftGarment } from "@core/garment/index";
import { format } from "date-fns";
import type { Route } from "./+types/shared";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: loaderData ? `${loaderData.name} · Gamine` : "Gamine" },
  { name: "robots", content: "noindex, nofollow" },
];

/** The card or the pattern of one garment, for whoever has the link; of whom it is for it says nothing. */
export async function loader({ params }: Route.LoaderArgs) {
  const shared = await sharedBy(params.token);
  if (!shared) notFound("What this link showed");
  const { spec, shows, until } = shared;
  const garment = draftGarment(spec);
  const base = {
    token: params.token,
    name: garment.spec.name,
    until: format(until, "d MMM yyyy, HH:mm"),
  };
  return shows === "card"
    ? {
        ...base,
        shows,
        drafts: garment.drafts.map(({ id, title, steps }) => ({
          id,
          title,
          steps: steps.map(({ n, text }) => ({ n, text })),
        })),
      }
    : {
        ...base,
        shows,
        pieces: cutList(garment).outer.map(({ number, how, piece }) => ({ number, how, name: piece.name })),
      };
}

const FILES = {
  card: [{ file: "booklet.pdf", label: "Card and making notes, PDF" }],
  pattern: [
    { file: "sheets-a4.pdf", label: "A4 sheets at true size, PDF" },
    { file: "sheets-letter.pdf", label: "US Letter sheets at true size, PDF" },
    { file: "drawing.svg", label: "SVG drawing, true size" },
    { file: "pattern-r12.dxf", label: "DXF, release 12" },
    { file: "pattern.hpgl", label: "HPGL for a plotter" },
  ],
} as const;

export default function Shared({ loaderData }: Route.ComponentProps) {
  const { name, until, token } = loaderData;
  return (
    <Page title={name}>
      <p className="page-lead">Shared with you until {until}. Cut with the blade away from you.</p>
      <ul className="shared-steps">
        {FILES[loaderData.shows].map(({ file, label }) => (
          <li key={file}>
            <a href={`/shared/${token}/${file}`} download>
              {label}
            </a>
          </li>
        ))}
      </ul>
      {loaderData.shows === "pattern" ? (
        <section className="page-section">
          <h2 className="page-part">To cut</h2>
          <ul className="shared-steps">
            {loaderData.pieces.map(({ number, name: piece, how }) => (
              <li key={number}>
                {number} {piece} <span className="soft">{how}</span>
              </li>
            ))}
          </ul>
        </section>
      ) : (
        loaderData.drafts.map(({ id, title, steps }) => (
          <section key={id} className="page-section">
            <h2 className="page-part">{title}</h2>
            <ol className="shared-steps">
              {steps.map(({ n, text }) => (
                <li key={n}>
                  {n}. <Sentence words={text} />
                </li>
              ))}
            </ol>
          </section>
        ))
      )}
    </Page>
  );
}
