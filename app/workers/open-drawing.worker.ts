import { expose } from "comlink";
import { openDrawing } from "./open-drawing";

expose(openDrawing);
