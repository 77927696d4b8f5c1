import type { PanelSection } from "@app/work/fields-panel";

/** The bodice as the tape reads it on the pattern or the garment. */
export const READINGS_SECTIONS: readonly PanelSection[] = [
  {
    title: "The armhole",
    note: "Along the stitching line, tape on its edge, from the shoulder point to the underarm.",
    entries: [
      "block.armhole.front",
      "block.armhole.back",
      {
        path: "block.armhole.girth",
        hint: "Only when it was read in one figure: front and back are then taken from it.",
      },
      { path: "block.armhole.depth", hint: "Straight down, from shoulder-point level to underarm level." },
    ],
  },
  {
    title: "The shoulder",
    note: "The armhole and the neckline leave the shoulder seam square.",
    entries: [
      "block.shoulder.length",
      { path: "block.shoulder.slope", hint: "How far the shoulder point lies below the side neck point." },
    ],
  },
  {
    title: "The neckline",
    note: "For each half its depth, its length along the curve, or both. For collars.",
    entries: [
      { path: "block.neckline.width", hint: "From the centre line to the side neck point." },
      "block.neckline.backDepth",
      "block.neckline.backLength",
      "block.neckline.frontDepth",
      "block.neckline.frontLength",
    ],
  },
  {
    title: "What the readings hold besides",
    note: "Taken off before anything is drawn. Leave empty when you measured the stitching line itself.",
    isFolded: true,
    entries: [
      {
        path: "block.includesSeamAllowance",
        hint: "When you measured along the cut edge: how wide the allowance is, all round.",
      },
      { path: "block.leaveOut.centreBack", hint: "A zip or an allowance: off the back neckline’s length." },
      { path: "block.leaveOut.centreFront", hint: "A button stand: off the front neckline’s length." },
    ],
  },
];
