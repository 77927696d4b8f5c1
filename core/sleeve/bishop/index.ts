export { balloon, bishop } from "./bishop";
