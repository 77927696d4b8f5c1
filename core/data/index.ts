export { allOf, at, eachOf, isRecord, namesOf } from "./records";
export { remembered } from "./remembered";
