import AsyncStorage from '@react-native-async-storage/async-storage';

/** Half-typed words, which a reload in the next instant must not lose. */
export type Drafts = {
  getItem(key: string): Promise<string | null>;
  setItem(key: string, value: string): Promise<void>;
};

/**
 * The default store writes before it returns, unlike the journal's database: right for a few short texts. The tab's own
 * memory comes first, so that two tabs do not type into each other's drafts.
 */
export const browserDrafts = (): Drafts => ({
  getItem: async (key) => window.sessionStorage.getItem(key) ?? AsyncStorage.getItem(key),
  setItem: async (key, value) => {
    window.sessionStorage.setItem(key, value);
    await AsyncStorage.setItem(key, value);
  },
});

export const readDraft = async (drafts: Drafts, form: string): Promise<string> =>
  (await drafts.getItem(`draft/${form}`)) ?? '';
export const writeDraft = (drafts: Drafts, form: string, text: string): Promise<void> =>
  drafts.setItem(`draft/${form}`, text);

/** A draft that belongs to one house. */
export const ofHouse = (houseId: string, form: string): string => `${houseId}/${form}`;

/** The draft that names what two phones both spoke of and nobody settled yet. */
export const TO_SETTLE = 'to settle';
