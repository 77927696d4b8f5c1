export {
  isWithin,
  type OwnEase,
  PAPER_SIZES,
  PLOTTER_ROLLS,
  readSettings,
  type StudioSettings,
  USUAL_FIELDS,
  type UsualField,
  withSettings,
} from "./settings";
