export { JobSlip } from './JobSlip';
export {
  SHORTFALL_WORDS,
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
