import { createAsyncStorage } from '@react-native-async-storage/async-storage';

/** The part of AsyncStorage that the door needs; tests put a failing one in its place. */
export type KeyValue = {
  getItem(key: string): Promise<string | null>;
  setItem(key: string, value: string): Promise<void>;
  getMany(keys: string[]): Promise<Record<string, string | null>>;
  setMany(entries: Record<string, string>): Promise<void>;
  removeMany(keys: string[]): Promise<void>;
  getAllKeys(): Promise<string[]>;
};

/** IndexedDB in the browser; `setMany` is one transaction there. */
export const browserDatabase = (): KeyValue => createAsyncStorage('fresh-porch');
