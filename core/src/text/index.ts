/** What people write: compared, read, tidied. */
export { foldText } from './fold.ts';
export { newJoinCode, readJoinCode } from './joinCode.ts';
export { isPlain, plainText } from './markdown.ts';
export { matchText } from './match.ts';
export { makeName } from './nameMaker.ts';
export { readNumber } from './number.ts';
export { oneLine } from './oneLine.ts';
export { Id, languageTag, name as nameSchema } from './schemas.ts';
export { unwantedWords } from './unwanted.ts';
