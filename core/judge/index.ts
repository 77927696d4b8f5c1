export { type Finding, type Remedy, type Severity, withRemediesOf } from "./finding";
export { FINDINGS, type FindingCode, type FindingMeaning } from "./findings-table";
export { type Guarded, guarded, type Station, UNFORESEEN } from "./guarded";
export { judgeDraftedCollar } from "./judge-drafted-collar";
export { judgeGarment, judgeSleeve } from "./judges";
export { usualBlock, usualBodice, usualCollar, usualSleeve } from "./usual-figures";
