export { readWalk, type WalkChoice, type WalkQuestion, type WalkReading } from './read';
