/** A posted form's texts; files and repeats are passed over. */
export function textsOf(form: FormData): Readonly<Record<string, string>> {
  return Object.fromEntries([...form].filter((entry): entry is [string, string] => typeof entry[1] === "string"));
}
