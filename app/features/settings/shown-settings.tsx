import { readSettings, type StudioSettings } from "@core/studio/index";

const FIELD = "shown";

/** The settings as a form showed them, sent along with it: what comes back otherwise was changed here, and nothing else. */
export function ShownSettings({ settings }: { readonly settings: StudioSettings }) {
  return <input type="hidden" name={FIELD} value={JSON.stringify(settings)} readOnly />;
}

/** What the form showed; nothing where it does not say, so that all that is in it counts as changed. */
export function shownSettings(texts: Readonly<Record<string, string>>): StudioSettings {
  try {
    return readSettings(JSON.parse(texts[FIELD] ?? ""));
  } catch {
    return { usual: {} };
  }
}
