import { chakra } from "@chakra-ui/react";

/** The paper that ribbons are drawn on. */
export const RibbonDrawing = chakra("svg", {
  base: {
    width: "100%",
    height: "auto",
    display: "block",
    bg: "panel",
    border: "1px solid",
    borderColor: "rule",
    "& text": { fill: "ink", fontFamily: "body", fontSize: "15px" },
    "& .soft": { fill: "inkSoft", fontSize: "13.5px" },
    "& .ribbon": { fill: "none", stroke: "ink", strokeWidth: 1.6 },
    "& .cloth": { fill: "sunken" },
    "& .eased": { fill: "chalk" },
    "& .stretched": { fill: "fault" },
    "& .grip": { fill: "panel", stroke: "chalk", strokeWidth: 2 },
    "& .ribbon-handle": { cursor: "ew-resize", touchAction: "none" },
    "& .ribbon-handle:hover .grip, & .ribbon-handle:focus-visible .grip": { fill: "chalkPale" },
    "& .ribbon-handle:focus, & .ribbon-handle:focus-visible": { outlineStyle: "none" },
    "& .ribbon-handle:focus-visible .grip": { strokeWidth: 4 },
    "& .thread": { stroke: "ink", strokeWidth: 1.2 },
    "& .walk": { stroke: "chalk", strokeWidth: 2.4, fill: "chalk" },
    "& .stitch": { stroke: "ruleStrong", strokeWidth: 0.6 },
  },
});
