import { createContext } from 'react';

/** What Enter in a field of a form does, and how it is left. */
export const SubmitContext = createContext<{
  submit: () => void;
  leave?: (() => void) | undefined;
}>({
  submit: () => undefined,
});
