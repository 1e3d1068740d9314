export { JobSlip } from './JobSlip';
export {
  LACK_WORDS,
  effortWords,
  heldWords,
  inSentence,
  limitWords,
  momentWords,
  standingWords,
  waitWords,
  whenWords,
  workingWords,
} from './words';
