import { expose } from "comlink";
import { fitGarment, stopWearing, wearGarment } from "./wear-toile";

const toiles = { wear: wearGarment, fit: fitGarment, stop: stopWearing };
export type ToileWorker = typeof toiles;

expose(toiles);
