import { FittingWork } from "@app/reviews/fittings/fitting-work";
import { idFrom, inStudio, notFound } from "@app/server/database";
import { readGarment } from "@core/spec/index";
import { format, parseISO } from "date-fns";
import type { Route } from "./+types/fitting";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: loaderData ? `Fitting of ${loaderData.name}, ${loaderData.day} · Gamine` : "Gamine" },
];

export async function loader({ params, context }: Route.LoaderArgs) {
  const garmentId = idFrom(params.garmentId, "This garment");
  const fittingId = idFrom(params.fittingId, "This fitting");
  const found = await inStudio(context, async (queries) => {
    const [garment, fitting] = await Promise.all([
      queries.findGarment(garmentId),
      queries.findFitting(garmentId, fittingId),
    ]);
    if (!garment || !fitting) return null;
    const helped = await queries.helpedBefore(garment.clientId, fittingId);
    // Changes that were made are seen on what they were made of.
    const [made] = fitting.appliedAs === null ? [] : await queries.findVersions(garmentId, [fitting.appliedAs]);
    const [before] = made?.basedOn ? await queries.findVersions(garmentId, [made.basedOn]) : [];
    return {
      garment,
      fitting,
      helped,
      base: before ?? { number: garment.version, file: garment.file },
      role: queries.role,
    };
  });
  if (!found) notFound("This fitting");
  const { garment, fitting, helped, base, role } = found;
  const read = readGarment(base.file);
  return {
    garmentId,
    fittingId,
    name: garment.name,
    clientName: garment.clientName,
    day: format(parseISO(fitting.takenOn), "d MMM yyyy"),
    base: base.number,
    mayChange: role !== "reader",
    spec: read.ok ? read.spec : null,
    fitting,
    helped: [...helped].map(([what, changes]) => ({ what, changes })),
  };
}

export default function Fitting({ loaderData }: Route.ComponentProps) {
  return <FittingWork key={loaderData.fittingId} {...loaderData} />;
}
