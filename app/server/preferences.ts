import { PANEL_NAMES, USUALLY_FOLDED } from "@app/components/panels";
import type { Look, Preferences } from "@app/components/preferences";
import { isTapeUnit, type TapeUnit } from "@core/tape/index";

const DEFAULT_UNIT: TapeUnit = "in";
const DEFAULT_LOOK: Look = "light";

/** The preferences that a request's cookies carry, or else the workroom's unit; whatever else they hold is passed over. */
export function readPreferences(request: Request, usualUnit: TapeUnit = DEFAULT_UNIT): Preferences {
  const cookies = new Map(
    (request.headers.get("cookie") ?? "").split(";").map((pair) => {
      const [name = "", value = ""] = pair.split("=");
      return [name.trim(), value.trim()];
    }),
  );
  const unit = cookies.get("gamine-unit");
  const folded = cookies.get("gamine-folded")?.split(".");
  return {
    unit: isTapeUnit(unit) ? unit : usualUnit,
    look: cookies.get("gamine-look") === "dark" ? "dark" : DEFAULT_LOOK,
    folded: folded ? PANEL_NAMES.filter((panel) => folded.includes(panel)) : USUALLY_FOLDED,
  };
}
