/** paper by day, sun for what nothing else can be read in, dim for an evening fair. */
export type Light = 'paper' | 'sun' | 'dim';

/** What of the device's own wishes the light goes by. */
export interface Wishes {
  /** prefers-contrast: more */
  contrast: boolean;
  /** prefers-color-scheme: dark */
  dark: boolean;
}

/** The light of the screen: as chosen on this device, else as the device asks for it. */
export function lightOf(chosen: string, { contrast, dark }: Wishes): Light {
  if (chosen === 'paper' || chosen === 'sun' || chosen === 'dim') {
    return chosen;
  }

  return contrast ? 'sun' : dark ? 'dim' : 'paper';
}
