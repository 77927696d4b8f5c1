export { allOf, at, eachOf, isRecord, namesOf } from "./records";
