/** What many games teach of questions. */
export { hasDrifted, type Learnt, learnQuestions, learntLevel, levelOf } from './questions.ts';
export { type Answers, type Fitted, fitRasch } from './rasch.ts';
