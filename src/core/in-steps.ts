/**
 * Long work in steps: a generator that yields where it may be stopped, sometimes with an answer that will do for now,
 * and returns the last one. Whoever asked decides how long to go on; the core knows no clock.
 */
export type InSteps<Now, Last> = Generator<Now, Last, void>;

/** Runs the steps to their end. */
export function toTheEnd<T>(steps: InSteps<unknown, T>): T {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}

/** The steps without the answers on the way. */
export function* quietly<T>(steps: InSteps<unknown, T>): InSteps<null, T> {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    yield null;
  }
}
