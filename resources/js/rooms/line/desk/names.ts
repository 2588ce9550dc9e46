import type { MenuOffer } from '../../../api/types.gen';

/** A child of a pasted list. */
export interface NamedChild {
  readonly firstName: string;
  readonly design: string;
}

/** What a pasted list comes to. */
export interface PastedNames {
  readonly children: readonly NamedChild[];
  /** What was assumed or left out, in words. */
  readonly remarks: readonly string[];
}

/** So many at once are a party; more is a mistake. */
export const MOST_NAMES = 60;
const LONGEST_NAME = 40;

const plain = (text: string) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

/** The first word of a name: no surname is ever kept. */
const firstNameOf = (words: string) => (words.trim().split(/\s+/u)[0] ?? '').slice(0, LONGEST_NAME);

/**
 * Reads names as they are pasted: one to a line or with commas between them, each with its design where it is said
 * ("Noor: seal pup", "Emil - wave band", "Wren (crab nose)"); numbers and bullets in front do not matter.
 *
 * @param usual the design of those who do not say one
 */
export function readNames(text: string, menu: readonly MenuOffer[], usual: string): PastedNames {
  const lines = text
    .split(/[\r\n;]+/u)
    .flatMap((line) => (/[:(\t]| - /u.test(line) ? [line] : line.split(',')));
  const remarks: string[] = [];
  const children: NamedChild[] = [];
  let undecided = 0;
  for (const line of lines) {
    const bare = line.replace(/^[\s\-*•\d.)]+/u, '').trim();
    if (bare === '') {
      continue;
    }
    const [, name = '', wanted = ''] = /^([^:(\t,]+?)\s*(?:[:(\t,]|\s-\s|$)\s*([^)]*)\)?$/u.exec(bare) ?? [];
    const firstName = firstNameOf(name === '' ? bare : name);
    const design = wanted.trim() === '' ? undefined : designLike(wanted, menu);
    if (wanted.trim() !== '' && design === undefined) {
      remarks.push(`${firstName}: “${wanted.trim()}” is not on the menu.`);
    }
    undecided += design === undefined ? 1 : 0;
    children.push({ firstName, design: design ?? usual });
  }
  const usualName = menu.find(({ designId }) => designId === usual)?.name ?? '';
  if (undecided > 0) {
    remarks.push(
      `${undecided === 1 ? 'One' : undecided} without a design: ${usualName} for now, to be changed at the chair.`,
    );
  }
  if (children.length > MOST_NAMES) {
    remarks.push(`${children.length} names are more than a party: the first ${MOST_NAMES} are taken.`);
  }

  return { children: children.slice(0, MOST_NAMES), remarks };
}

function designLike(words: string, menu: readonly MenuOffer[]): string | undefined {
  const wanted = plain(words.trim());

  return (
    menu.find(({ name }) => plain(name) === wanted) ??
    menu.find(({ name }) => plain(name).startsWith(wanted) || wanted.includes(plain(name))) ??
    menu.find(({ name }) =>
      plain(name)
        .split(' ')
        .some((word) => word.length > 3 && wanted.split(/\s+/u).includes(word)),
    )
  )?.designId;
}

/** What is said of a child that has not chosen yet. */
export const UNDECIDED = 'chooses at the chair';

/** What a child that has not chosen yet is reckoned with: the design of middle length of those that are offered; undefined without any. */
export function middleOffer(menu: readonly MenuOffer[], soldOut: readonly string[]): MenuOffer | undefined {
  const offered = menu
    .filter(({ designId }) => !soldOut.includes(designId))
    .toSorted((one, other) => one.plannedMs - other.plannedMs);

  return offered[Math.floor((offered.length - 1) / 2)];
}
