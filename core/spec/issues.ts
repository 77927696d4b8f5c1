import { closest, distance } from "fastest-levenshtein";
import type * as z from "zod/mini";
import { GARMENT_FIELDS } from "./garment-fields";
import { fieldPath, fieldsInside, labelOf } from "./paths";
import { type LengthProblem, quoted } from "./read-length";

/** Why a file is not a garment: for people and for programs. */
export type Issue = {
  readonly code: string;
  /** Dotted, as in `block.armhole.front`; empty for the file as a whole. */
  readonly path: string;
  readonly message: string;
  readonly value: unknown;
  readonly bounds: unknown;
};

/** Names further off than this are no slip of the finger. */
const NEAR_ENOUGH = 4;

/** Zod's findings as issues, each in a sentence that names the figure and the way out. */
export function issuesOf(error: z.core.$ZodError, input: unknown): readonly Issue[] {
  return error.issues.flatMap((issue) => {
    const path = issue.path.join(".");
    const value = valueAt(input, issue.path);
    switch (issue.code) {
      case "unrecognized_keys":
        return issue.keys.map((key) => unknownField(path, key));
      case "custom": {
        const problem = issue.params as LengthProblem | undefined;
        return [
          {
            code: problem?.code ?? "not-a-path",
            path,
            message: problem ? issue.message : `${labelOf(path)}: ${issue.message}.`,
            value: shortened(value),
            bounds: problem?.bounds ?? null,
          },
        ];
      }
      case "invalid_union":
        // The only union of the file is the block, told apart by its source.
        return [notOneOf(path, value, Object.keys(GARMENT_FIELDS.block.of))];
      case "invalid_value":
        return [notOneOf(path, value, issue.values)];
      case "too_small":
      case "too_big":
        return [outOfBounds(path, value, issue)];
      default:
        return [
          {
            code: "wrong-kind",
            path,
            message: `${labelOf(path) || "The file"}: ${quoted(value)} is not what belongs here${wanted(issue)}.`,
            value,
            bounds: null,
          },
        ];
    }
  });
}

const KINDS: Readonly<Record<string, string>> = {
  string: "text",
  number: "a number",
  object: "a group of fields in braces",
};

function wanted(issue: z.core.$ZodIssue): string {
  const kind = issue.code === "invalid_type" ? (KINDS[issue.expected] ?? issue.expected) : null;
  return kind === null ? "" : `: it has to be ${kind}`;
}

function unknownField(parent: string, key: string): Issue {
  const path = parent === "" ? key : `${parent}.${key}`;
  const known = fieldsInside(fieldPath(parent));
  const nearest = known.length > 0 ? closest(key, [...known]) : undefined;
  const hint =
    nearest && distance(key, nearest) <= NEAR_ENOUGH
      ? ` Did you mean “${nearest}”?`
      : known.length > 0
        ? ` Known here: ${known.join(", ")}.`
        : "";
  return {
    code: "unknown-field",
    path,
    message: `${quoted(key)} is not a field of ${parent === "" ? "a garment" : labelOf(parent).toLowerCase()}.${hint}`,
    value: key,
    bounds: known,
  };
}

function notOneOf(path: string, value: unknown, values: readonly unknown[]): Issue {
  const choices = values.map((v) => quoted(v)).join(", ");
  const message =
    value === undefined
      ? `${labelOf(path)} is missing. It can be ${choices}.`
      : `${labelOf(path)}: ${quoted(value)} is not known here. It can be ${choices}.`;
  return { code: value === undefined ? "missing" : "not-one-of", path, message, value: value ?? null, bounds: values };
}

function outOfBounds(
  path: string,
  value: unknown,
  issue: { readonly minimum?: unknown; readonly maximum?: unknown },
): Issue {
  const bound = issue.minimum !== undefined ? `at least ${issue.minimum}` : `at most ${issue.maximum}`;
  return {
    code: "out-of-bounds",
    path,
    message: `${labelOf(path)}: ${quoted(value)} has to be ${bound}.`,
    value,
    bounds: { least: issue.minimum ?? null, most: issue.maximum ?? null },
  };
}

function valueAt(input: unknown, path: readonly PropertyKey[]): unknown {
  return path.reduce<unknown>(
    (at, key) => (at !== null && typeof at === "object" && Object.hasOwn(at, key) ? Reflect.get(at, key) : undefined),
    input,
  );
}

/** Long text is not repeated whole in an issue. */
function shortened(value: unknown): unknown {
  return typeof value === "string" && value.length > 60 ? `${value.slice(0, 60)}…` : value;
}
