export {
  isWithin,
  PAPER_SIZES,
  PLOTTER_ROLLS,
  type PlotterRoll,
  ROLL_WIDTHS_MM,
  readSettings,
  type StudioSettings,
  USUAL_FIELDS,
  type UsualField,
  withSettings,
} from "./settings";
