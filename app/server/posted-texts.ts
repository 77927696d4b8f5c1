import { data } from "react-router";

/** What a request's form holds; a broken one is a 400 in a sentence, and no fault of the server. */
export async function postedForm(request: Request): Promise<FormData> {
  try {
    return await request.formData();
  } catch {
    throw data("What was sent is not a whole form. Send it again.", { status: 400 });
  }
}

/** A posted form's texts; files and repeats are passed over. No text holds what a database cannot: a NUL, or half of a sign. */
export function textsOf(form: FormData): Readonly<Record<string, string>> {
  return Object.fromEntries(
    [...form]
      .filter((entry): entry is [string, string] => typeof entry[1] === "string")
      .map(([name, text]) => [name, storable(text)]),
  );
}

/** The text without NULs, and with a sign that stands for what is missing in the place of half of a surrogate pair. */
export function storable(text: string): string {
  return text
    .replaceAll("\0", "")
    .replace(/[\uD800-\uDBFF](?![\uDC00-\uDFFF])|(?<![\uD800-\uDBFF])[\uDC00-\uDFFF]/g, "\uFFFD");
}
