import { lineWords } from '../api/tables.gen';

export type BoardLanguage = keyof typeof lineWords;

export type BoardWords = (typeof lineWords)[BoardLanguage];

export const boardLanguages = Object.keys(lineWords) as BoardLanguage[];

/** The first of the wanted languages that the board speaks; English for none. */
export function languageFor(wanted: readonly string[]): BoardLanguage {
  for (const tag of wanted) {
    const found = boardLanguages.find((language) => tag.toLowerCase().startsWith(language));
    if (found !== undefined) {
      return found;
    }
  }

  return 'en';
}

/** Puts values into a sentence: "about {time}". */
export function filled(sentence: string, values: Record<string, string | number>): string {
  return sentence.replace(/\{(\w+)\}/gu, (whole, name: string) => String(values[name] ?? whole));
}
