import type { Field } from "./field";
import { GARMENT_FORMAT } from "./garment-fields";
import { PLACED_FIELDS, type PlacedField } from "./paths";

/** The fields of the garment file as the rows of a Markdown table, one a field: what documentation says of them. */
export function fieldTable(): string {
  const rows = PLACED_FIELDS.filter(({ field }) => says(field)).filter(({ path }) => !path.startsWith("body."));
  const body = PLACED_FIELDS.filter(({ path }) => path.startsWith("body.")).map(({ path }) =>
    code(path.slice("body.".length)),
  );
  return [
    "| field | holds | meaning | matters when |",
    "|---|---|---|---|",
    `| ${code("format")} | ${code(GARMENT_FORMAT)} | has to be there | |`,
    ...rows.map(row),
    `| ${code("body.*")} | lengths, 0.1 to 3000 mm | ${body.join(" ")} | |`,
  ].join("\n");
}

/** A group that says nothing of itself is told by its fields. */
function says({ kind, about, given }: Field): boolean {
  return kind !== "group" || about !== "" || given === "nullable";
}

function row({ path, field }: PlacedField): string {
  return `| ${code(path)} | ${holds(field)} | ${[field.label, field.about].filter(Boolean).join(": ")} | ${matters(field)} |`;
}

function matters({ when = {} }: Field): string {
  return Object.entries(when)
    .map(([path, values]) => `${code(path)} is ${values.map(code).join(", ")}`)
    .join(" and ");
}

function holds(field: Field): string {
  switch (field.kind) {
    case "length":
      return `length, ${field.bounds.least} to ${field.bounds.most} mm`;
    case "angle":
      return `degrees, ${field.bounds.least} to ${field.bounds.most}`;
    case "share":
      return `share, ${field.bounds.least} to ${field.bounds.most}`;
    case "quantity":
      return `${field.sign}, ${field.bounds.least} to ${field.bounds.most}`;
    case "choice":
      return field.options.map(code).join(" ");
    case "text":
      return `text, up to ${field.longest} characters`;
    case "range":
      return `a ${code("least")} and a ${code("most")}`;
    case "list":
      return `a list of up to ${field.longest}`;
    case "group":
      return field.given === "nullable" ? `fields, or ${code("null")} for none` : "fields";
    case "variant":
      return `fields, by its ${code(field.by)}`;
  }
}

const code = (word: string) => `\`${word}\``;
