import { expose } from "comlink";
import { findingsOf } from "./prove-remedies";

expose(findingsOf);
