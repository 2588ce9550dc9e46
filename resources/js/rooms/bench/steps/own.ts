import { mediumOf } from '../../../api/tables.gen';
import type { ColourSwatch, KitSheet, Medium, MissingThing } from '../../../api/types.gen';
import { minutes } from '../../../lib/minutes';

/** A tool of the kit and what is painted with it. */
export interface OwnTool {
  name: string;
  medium: Medium;
}

export function ownTools(kit: KitSheet | undefined): OwnTool[] {
  return (kit?.things ?? []).flatMap(({ kind, name }) => {
    const medium = mediumOf[kind];

    return medium === null ? [] : [{ name, medium }];
  });
}

/** Cakes of one colour, each by its own name. */
export function ownPaints(kit: KitSheet | undefined): ColourSwatch[] {
  return (kit?.things ?? []).flatMap(({ kind, name, colours }) => {
    const [colour] = colours;

    return kind === 'paint' && colours.length === 1 && colour !== undefined
      ? [{ name, hex: colour.hex }]
      : [];
  });
}

/** “90” is no step of ninety minutes: the minutes and seconds that were meant; null for what is no bare number. */
export function secondsMeant(typed: string): string | null {
  const number = /^\s*(\d{2,4})\s*$/.exec(typed)?.[1];

  return number === undefined ? null : minutes(Number(number) * 1000);
}

/** A missing paint or glitter as the kit takes it in: one pot of it, as the step calls it; null for what must be looked at first. */
export function asKitThing({ kind, colour }: Pick<MissingThing, 'kind' | 'colour'>) {
  if (kind === null || colour === null) {
    return null;
  }
  const isPaint = kind === 'paint';

  return {
    kind,
    name: isPaint ? colour.name : `${colour.name} glitter`,
    howMany: 1,
    colours: [colour],
    paintKind: isPaint ? 'wax' : null,
    finish: isPaint ? 'regular' : null,
    gramsLeft: null,
    lengthMm: null,
    widthMm: null,
    reservedFor: '',
    skinSafe: true,
    latex: false,
    gel: false,
    selfStick: false,
  };
}
