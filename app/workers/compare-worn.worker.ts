import { expose } from "comlink";
import { compareWorn } from "./compare-worn";

const comparing = { compare: compareWorn };
export type CompareWornWorker = typeof comparing;

expose(comparing);
