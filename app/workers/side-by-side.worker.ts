import { expose } from "comlink";
import { sideBySide } from "./side-by-side";

expose(sideBySide);
