import { expose } from "comlink";
import { searchPlans } from "./lay-plan";

expose(searchPlans);
