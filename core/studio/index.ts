export {
  CLOTH_EASE_LEVELS,
  EASE_ROWS,
  type EaseRowName,
  easeLevelsOf,
  type OwnEase,
  workroomEase,
} from "./ease-table";
export { mergedSettings } from "./merge-settings";
export {
  PAPER_SIZES,
  PLOTTER_ROLLS,
  readSettings,
  type StudioSettings,
  USUAL_FIELDS,
  type UsualField,
  withSettings,
} from "./settings";
