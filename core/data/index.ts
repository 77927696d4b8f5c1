export { at } from "./at";
export { eachOf, isRecord, namesOf } from "./records";
