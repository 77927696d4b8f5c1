export { writeResult } from "./write-result";
