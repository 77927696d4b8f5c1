import { expose } from "comlink";
import { fitGarment, stopWearing, tryCaps, wearGarment } from "./wear-toile";

const toiles = { wear: wearGarment, fit: fitGarment, tryCaps, stop: stopWearing };
export type ToileWorker = typeof toiles;

expose(toiles);
