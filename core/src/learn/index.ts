/** What many games teach of questions. */
export { hasDrifted, isContrary, type Learnt, learnQuestions, learntLevel } from './questions.ts';
export { asWritten, type Usual, usualOf, withLearnt } from './withLearnt.ts';
export { type Answers, type Fitted, fitRasch } from './rasch.ts';
