import type { Entry } from '../../house';

/** What a statement may be: a kind of entry, or nothing but a day or a sign. */
export type Kind = Entry['kind'] | 'nothing';
