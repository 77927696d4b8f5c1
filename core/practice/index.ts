export { judgeAnswer, type Question, type Verdict } from "./judge-answer";
export { questionsOf } from "./questions";
