/** Runs one piece of work at a time, in the order asked; one that fails does not hold up the next. */
export type InTurn = <T>(work: () => Promise<T>) => Promise<T>;

export function createQueue(): InTurn {
  let last: Promise<unknown> = Promise.resolve();
  return (work) => {
    const turn = last.then(work, work);
    last = turn.catch(() => undefined);
    return turn;
  };
}
