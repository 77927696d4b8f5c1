export { at, eachOf, isRecord, namesOf } from "./records";
