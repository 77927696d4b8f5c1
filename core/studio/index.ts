export {
  isWithin,
  PAPER_SIZES,
  readSettings,
  type StudioSettings,
  USUAL_FIELDS,
  type UsualField,
  withSettings,
} from "./settings";
