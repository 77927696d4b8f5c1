import { expose } from "comlink";
import { stopWearing, wearGarment } from "./wear-toile";

const toiles = { wear: wearGarment, stop: stopWearing };
export type ToileWorker = typeof toiles;

expose(toiles);
