export { kimono } from "./kimono";
