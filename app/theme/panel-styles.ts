/** The list of figures beside the sheet, which is drawn again many times while a handle is dragged. */
export const panelStyles = {
  ".figure-row": { borderBottom: "1px solid", borderColor: "rule" },
  ".figure-row[open]": { bg: "sunken" },
  ".figure-row summary": {
    display: "flex",
    justifyContent: "space-between",
    gap: "3",
    py: "1.5",
    px: "1",
    cursor: "pointer",
    listStyle: "none",
  },
  ".figure-row summary::-webkit-details-marker": { display: "none" },
  ".figure-row summary:hover": { bg: "sunken" },
  ".figure-row summary b": { fontWeight: "600", whiteSpace: "nowrap" },
  ".figure-why": { px: "1", pb: "2.5", fontSize: "sm", lineHeight: "1.45" },
  ".figure-source": { color: "inkSoft" },
} as const;
