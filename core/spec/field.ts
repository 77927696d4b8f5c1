import { eachOf, namesOf } from "../data";
import type { Phrase, Source } from "../draft";

/** What a figure may be: millimetres of a length, degrees of an angle, a part of the whole of a share, a quantity in its own unit. */
export type Bounds = { readonly least: number; readonly most: number };

/**
 * Whether a field has to be there: left out by choice, made empty where it is left out, always written, or written as null where the
 * garment has no such part.
 */
type Given = "optional" | "empty" | "always" | "nullable";

/** For a field to matter every named choice has to be one of these; a field that is kept meanwhile changes nothing. */
export type When = { readonly [path in string]: readonly string[] };

/** What people read: a phrase where it holds lengths, so that it reads in inches and in centimetres. */
export type Words = string | Phrase;

/** What an option is called, and, where that does not say all, what it means. */
export type OptionWords = { readonly name: Words; readonly summary?: Words };

/** From where to where a figure usually lies, on an ordinary adult's garment: advice, never a limit. Millimetres or the figure's own unit. */
export type UsualRange = Bounds & { readonly source: Source };

type About = {
  /** When it matters; always where it is left out. */
  readonly when?: When;
  /** As it is called in messages and beside its box. */
  readonly label: string;
  /** What it means, as documentation tells it; empty where the label says all. */
  readonly about: string;
};

/** A length is written in the unit of the file; an angle, a share and a quantity are the same in any. */
export type FigureField = About & {
  readonly kind: "length" | "angle" | "share" | "quantity";
  readonly bounds: Bounds;
  /** The unit of a quantity or an angle. */
  readonly sign?: string;
  readonly given: "optional" | "always";
  /** What stands for one that is always written where it is left out. */
  readonly usual?: number;
  /** What a person needs to know beside the box. */
  readonly hint?: Words;
  readonly range?: UsualRange;
};
export type LengthField = FigureField & { readonly kind: "length" };

export type ChoiceField<Option extends string = string> = About & {
  readonly kind: "choice";
  readonly options: readonly Option[];
  /** By the option. */
  readonly words: Readonly<Record<string, OptionWords>>;
  readonly given: Given;
  /** The option that is meant where none is given and no other figure decides it. */
  readonly usual?: Option;
  /** What leaving it open is called, where the draft then decides by itself. */
  readonly open?: Words;
};

export type TextField = About & {
  readonly kind: "text";
  /** Most characters. */
  readonly longest: number;
  /** Says what is wrong with a text, or null; a text that has no such rule may be any. */
  readonly problem?: (text: string) => string | null;
  readonly usual?: string;
  readonly given: Given;
};

/** The least and the most of a length. */
export type RangeField = About & {
  readonly kind: "range";
  readonly least: LengthField;
  readonly most: LengthField;
  readonly given: "always";
};

export interface ListField<Item extends Field = Field> extends About {
  readonly kind: "list";
  readonly item: Item;
  readonly longest: number;
  readonly given: "optional";
}

export interface Fields {
  readonly [name: string]: Field;
}

export interface GroupField<Inner extends Fields = Fields> extends About {
  readonly kind: "group";
  readonly fields: Inner;
  readonly given: Given;
  /** What stands for it where it is left out. */
  readonly usual?: unknown;
}

/** One of several groups, told apart by a field of its own. */
export interface VariantField<
  By extends string = string,
  Of extends Readonly<Record<string, Fields>> = Readonly<Record<string, Fields>>,
> extends About {
  readonly kind: "variant";
  readonly by: By;
  readonly byLabel: string;
  readonly of: Of;
  /** What each of them is called. */
  readonly ofNames: { readonly [Name in keyof Of]: Words };
  /** The one that is meant where none is named, and what stands for all of it where it is left out. */
  readonly usual: keyof Of & string;
  readonly given: "empty";
}

export type Field = FigureField | ChoiceField | TextField | RangeField | ListField | GroupField | VariantField;

/** What a field holds once it is read: lengths in millimetres. */
export type ValueOf<Of> = Of extends FigureField
  ? number
  : Of extends ChoiceField<infer Option>
    ? Option
    : Of extends TextField
      ? string
      : Of extends RangeField
        ? { readonly least: number; readonly most: number }
        : Of extends ListField<infer Item>
          ? readonly ValueOf<Item>[]
          : Of extends VariantField<infer By, infer Groups>
            ? {
                readonly [Name in keyof Groups & string]: { readonly [by in By]: Name } & RecordOf<Groups[Name]>;
              }[keyof Groups & string]
            : Of extends GroupField<infer Inner>
              ? RecordOf<Inner>
              : never;

type Optional<Inner> = {
  [Name in keyof Inner]: Inner[Name] extends { readonly given: "optional" } ? Name : never;
}[keyof Inner];

/** What a group of fields holds once it is read. */
export type RecordOf<Inner> = { readonly [Name in Optional<Inner>]?: ValueOf<Inner[Name]> | undefined } & {
  readonly [Name in Exclude<keyof Inner, Optional<Inner>>]: Inner[Name] extends { readonly given: "nullable" }
    ? ValueOf<Inner[Name]> | null
    : ValueOf<Inner[Name]>;
};

type Intersection<Union> = (Union extends unknown ? (one: Union) => void : never) extends (all: infer All) => void
  ? All
  : never;

/** A change of a field: only what it names is set, and what it sets to undefined is taken out. Lists and ranges are changed whole. */
export type ChangeOf<Of> =
  Of extends VariantField<string, infer Groups>
    ? Intersection<{ [Name in keyof Groups]: ChangesOf<Groups[Name]> }[keyof Groups]>
    : Of extends GroupField<infer Inner>
      ? ChangesOf<Inner>
      : ValueOf<Of>;

export type ChangesOf<Inner> = { readonly [Name in keyof Inner]?: ChangeOf<Inner[Name]> | undefined };

const figure =
  <Kind extends FigureField["kind"]>(kind: Kind) =>
  (label: string, bounds: Bounds, about = "", more: { readonly hint?: Words; readonly range?: UsualRange } = {}) =>
    ({ kind, label, bounds, about, given: "optional", ...more }) as const;

/** A usual range; from memory where no source is named. */
export const usually = (
  least: number,
  most: number,
  source: Source = "from memory",
): { readonly range: UsualRange } => ({
  range: { least, most, source },
});

/** The fields, which matter only then. */
export const when = <Inner extends Fields>(condition: When, fields: Inner): Inner =>
  eachOf(namesOf<keyof Inner & string>(fields), (name) => ({ ...fields[name], when: condition })) as Inner;

export const length = figure("length");
export const angle = (...of: Parameters<ReturnType<typeof figure<"angle">>>) =>
  ({ ...figure("angle")(...of), sign: "°" }) as const;
export const share = figure("share");

/** A figure that is no length of the garment: its unit, like g/m², is told with it. */
export const quantity = (label: string, sign: string, bounds: Bounds, about = "") =>
  ({ kind: "quantity", label, sign, bounds, about, given: "optional" }) as const;

type OptionsSaid<Option extends string> = Readonly<Record<Option, Words | OptionWords>>;

const isNamed = (said: Words | OptionWords): said is OptionWords => typeof said === "object" && "name" in said;

/** One of several, offered in the order in which they are said. */
export const choice = <Option extends string>(
  label: string,
  said: OptionsSaid<Option>,
  about = "",
  more: { readonly usual?: NoInfer<Option>; readonly open?: Words } = {},
) =>
  ({
    kind: "choice",
    label,
    options: namesOf<Option>(said),
    words: eachOf(namesOf<Option>(said), (option) => {
      const words: Words | OptionWords = said[option];
      return isNamed(words) ? words : { name: words };
    }),
    about,
    given: "optional",
    ...more,
  }) as const satisfies ChoiceField<Option>;

export const group = <Inner extends Fields>(label: string, fields: Inner, about = "") =>
  ({ kind: "group", label, fields, about, given: "optional" }) as const satisfies GroupField<Inner>;

export const range = (label: string, name: string, bounds: Bounds, about = "") =>
  ({
    kind: "range",
    label,
    least: length(`Least ${name}`, bounds),
    most: length(`Most ${name}`, bounds),
    about,
    given: "always",
  }) as const satisfies RangeField;

type GivenAs<Of, As extends Given> = Omit<Of, "given"> & { readonly given: As };

/** The field, to be written always. */
export const always = <Of extends Field>(field: Of): GivenAs<Of, "always"> => ({ ...field, given: "always" });

/** The group, empty where it is left out. */
export const orEmpty = <Of extends GroupField>(field: Of): GivenAs<Of, "empty"> => ({
  ...field,
  given: "empty",
  usual: {},
});

/** The group, null where the garment has none of it; `usual` stands for one that is left out. */
export const orNone = <Of extends GroupField>(field: Of, usual: unknown): GivenAs<Of, "nullable"> => ({
  ...field,
  given: "nullable",
  usual,
});

/** Refused is only what cannot be a person or a garment: nothing, negative, or more than 3 m. */
export const READING: Bounds = { least: 0.1, most: 3000 };
export const EASE: Bounds = { least: -100, most: 1000 };
export const CHANGE: Bounds = { least: -500, most: 500 };
export const ALLOWANCE: Bounds = { least: 0, most: 300 };
export const SLOPE: Bounds = { least: 0, most: 300 };
export const WHOLE_EASE: Bounds = { least: -200, most: 1000 };
export const QUARTER_EASE: Bounds = { least: -60, most: 300 };
export const LOWER_EASE: Bounds = { least: -20, most: 40 };
export const upTo = (most: number): Bounds => ({ least: 0, most });

/** No cloth takes half of its own length again. */
export const EASE_SHARE = { least: 0, most: 0.5 };
/** Nobody alters one block more often; more is a broken file. */
export const MOST_ALTERATIONS = 40;
/** A curve of some thousand segments; far beyond any edge a person draws. */
export const LONGEST_PATH = 60_000;
export const LONGEST_NAME = 200;
