import { expose } from "comlink";
import { wearGarment } from "./wear-toile";

expose(wearGarment);
