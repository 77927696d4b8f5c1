import { nestsTooDeep } from "@core/spec/index";

/** A garment file is a few kilobytes. */
const MOST_BYTES = 200_000;

/** What a request carries as JSON; null when it is none, or larger than any garment. */
export async function postedJson(request: Request): Promise<unknown> {
  try {
    const text = await request.text();
    return text.length <= MOST_BYTES && !nestsTooDeep(text) ? JSON.parse(text) : null;
  } catch {
    return null;
  }
}
