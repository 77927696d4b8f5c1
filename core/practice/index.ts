export { judgeAnswer, type Question, TAPE_MM, type Verdict } from "./judge-answer";
export { questionsOf } from "./questions";
