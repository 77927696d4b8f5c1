import { describe, expect, it } from "vitest";
import { sketchGarment } from "../garment";
import { specOf } from "../testing/sample";
import { spread } from "../testing/thorough";
import { PLACED_FIELDS } from "./paths";

const BODY = { bust: 940, waist: 760, hip: 1000, shoulderWidth: 400, armholeGirth: 400, upperArm: 290, wrist: 165 };
const BASE = {
  format: "gamine-garment/1",
  unit: "mm",
  body: BODY,
  block: { source: "drafted", shaping: "waist-darts" },
  sleeve: { kind: "set-in" },
};

type Json = { readonly [name in string]?: unknown };

function put(file: Json, path: string, value: unknown): Json {
  const [first = "", ...rest] = path.split(".");
  const inside = file[first];
  return {
    ...file,
    [first]:
      rest.length === 0 ? value : put(typeof inside === "object" && inside ? { ...inside } : {}, rest.join("."), value),
  };
}

const optionsAt = (path: string): readonly string[] => {
  const field = PLACED_FIELDS.find((one) => one.path === path)?.field;
  if (field?.kind !== "choice") throw new Error(`${path} is no choice`);
  return field.options;
};

/** Every field that matters only at times, with each way in which it does not. */
const CASES = PLACED_FIELDS.flatMap(({ path, field }) =>
  Object.entries(field.when ?? {}).flatMap(([by, values]) =>
    optionsAt(by)
      .filter((option) => !values.includes(option))
      .map((option) => ({ path, field, by, option })),
  ),
);

/** A figure that is no default of the field; of a choice its last option. */
function unusual(field: (typeof CASES)[number]["field"]): unknown {
  if (field.kind === "choice") return field.options.at(-1);
  if (field.kind === "group") return Object.fromEntries(Object.keys(field.fields).map((name) => [name, 33]));
  if (field.kind !== "length" && field.kind !== "angle" && field.kind !== "quantity")
    throw new Error(`${field.label} is ${field.kind}`);
  const { least, most } = field.range ?? field.bounds;
  return least + (most - least) * 0.37;
}

describe("a field that does not matter", () => {
  it("is named for more than sixty fields", () => {
    expect(new Set(CASES.map(({ path }) => path)).size).toBeGreaterThan(60);
  });

  it.each(spread(CASES, 4))("$path changes nothing while $by is $option", ({ path, field, by, option }) => {
    const without = put(BASE, by, option);
    const drawn = (file: Json) => sketchGarment(specOf(file)).pieces.map(({ id, outline }) => ({ id, outline }));
    expect(drawn(put(without, path, unusual(field)))).toEqual(drawn(without));
  });
});
