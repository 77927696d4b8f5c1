/** The panels beside a sheet: its figures and choices; its findings and the list of figures; what another station says besides. */
export const PANEL_NAMES = ["fields", "findings", "side"] as const;
export type PanelName = (typeof PANEL_NAMES)[number];

/** The sheet is met first: what was found is counted on the folded panel and marked on the sheet. */
export const USUALLY_FOLDED: readonly PanelName[] = ["findings"];
