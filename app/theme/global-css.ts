import { defineGlobalStyles } from "@chakra-ui/react";
import { figureStyles } from "./figure-styles";
import { formStyles } from "./form-styles";
import { frameStyles } from "./frame-styles";
import { helpStyles } from "./help-styles";
import { listStyles } from "./list-styles";
import { panelStyles } from "./panel-styles";
import { sheetStyles } from "./sheet-styles";
import { wearStyles } from "./wear-styles";
import { workStyles } from "./work-styles";

/** The rules that hold on every page. */
export const globalCss = defineGlobalStyles({
  "*": {
    "--global-color-border": "colors.border",
    "@media (prefers-reduced-motion: reduce)": { animation: "none !important", transition: "none !important" },
  },
  "html, body": {
    bg: "paper",
    color: "ink",
    fontFamily: "body",
    minHeight: "100%",
    "@media print": { bg: "white", color: "black" },
  },
  body: { fontVariantNumeric: "tabular-nums" },
  input: { accentColor: "chalk" },
  "main a": {
    color: "chalk",
    textDecoration: "underline",
    textUnderlineOffset: "3px",
    textDecorationThickness: "1px",
  },
  "main nav a": { textDecoration: "none" },
  "*:focus-visible": { outline: "2px solid", outlineColor: "chalk", outlineOffset: "2px" },
  // Of the station where things are cut the notes alone go on paper.
  "body:has([data-making-notes]) [data-side], body:has([data-making-notes]) [data-fields]": {
    "@media print": { display: "none !important" },
  },
  // Where the system has its own colours, what is chosen is told by a line, and what is not chosen has none.
  ".frame-links a:not(.active), nav[aria-label=Stations] a:not(.active)": {
    "@media (forced-colors: active)": { borderColor: "Canvas !important" },
  },
  ".frame-links a.active, nav[aria-label=Stations] a.active": {
    "@media (forced-colors: active)": { borderColor: "Highlight !important" },
  },
  "[aria-pressed=true], label:has(input:checked)": {
    "@media (forced-colors: active)": { outline: "2px solid Highlight", outlineOffset: "-2px" },
  },
  ".not-printed": { "@media print": { display: "none !important" } },
  ...figureStyles,
  ...frameStyles,
  ...formStyles,
  ...workStyles,
  ...wearStyles,
  ...helpStyles,
  ...listStyles,
  ...panelStyles,
  ...sheetStyles,
});
