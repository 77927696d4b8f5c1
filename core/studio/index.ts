export { mergedSettings } from "./merge-settings";
export {
  CLOTH_EASE_LEVELS,
  EASE_ROWS,
  type EaseRowName,
  easeLevelsOf,
  type OwnEase,
  PAPER_SIZES,
  PLOTTER_ROLLS,
  readSettings,
  type StudioSettings,
  USUAL_FIELDS,
  type UsualField,
  withSettings,
  workroomEase,
} from "./settings";
