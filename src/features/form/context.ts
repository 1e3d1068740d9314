import { createContext } from 'react';

/** What Enter in a field of a form does. */
export const SubmitContext = createContext<() => void>(() => undefined);
