import type { BenchAction, Finish, ItemKind, KitThing, PaintKind } from '../../api/types.gen';

export const kindNames: Record<ItemKind, string> = {
  paint: 'paint',
  sponge: 'sponge',
  brush: 'brush',
  applicator: 'applicator',
  stencil: 'stencil',
  glitter: 'glitter',
  gem: 'gems',
  glue: 'glue',
  bud: 'buds',
  wipe: 'wipes',
  water_pot: 'water pot',
  spritz: 'spritz bottle',
  towel: 'towel',
  mirror: 'mirror',
  practice_board: 'practice board',
};

export const paintKindNames: Record<PaintKind, string> = {
  wax: 'wax cake',
  glycerine: 'glycerine cake',
  powder: 'powder',
  split: 'split cake',
};

export const finishNames: Record<Finish, string> = {
  regular: 'regular',
  pearl: 'pearl',
  metallic: 'metallic',
  neon: 'neon',
};

/** What the hands do, and how the drill asks for it. */
export const handWords: Record<BenchAction, { name: string; drill: string }> = {
  pick_up: {
    name: 'Put one tool down, take up the next',
    drill: 'Lay the brush down, take up another one, hold it ready.',
  },
  load: {
    name: 'Load a tool',
    drill: 'Swirl it in the cake until it carries enough: two or three pulls.',
  },
  rinse: {
    name: 'Rinse a brush clean',
    drill: 'Rinse it until the water stays clear, and press it out on the towel.',
  },
  turn: { name: 'Turn the sponge', drill: 'Turn to a clean side of the sponge.' },
  place_stencil: { name: 'Place a stencil', drill: 'Take the stencil, lay it on, hold it flat.' },
  pouch: {
    name: 'Open glitter or gems',
    drill: 'Open the pot or pouch until the first bit is in your fingers.',
  },
  hand_wipe: { name: 'Wipe your fingers', drill: 'Wipe your fingers until they may hold a brush again.' },
};

/** All that a painter should know of a thing before it is used, in words. */
export function cautionsOf(thing: KitThing): string[] {
  return thing.flags.map((flag) => {
    switch (flag) {
      case 'unsafe_for_skin':
        return 'Not made for skin. Keep it off faces.';
      case 'contains_latex':
        return 'Contains latex. Ask first, and never where there is an allergy.';
      case 'running_out':
        return thing.howMany === 0 ? 'None left.' : `Running out: ${thing.gramsLeft ?? 0} g left.`;
      case 'longer_than_sponges':
        return `${thing.lengthMm ?? 0} mm long, wider than every sponge: the last colours smear into mud.`;
    }
  });
}

/** What a thing is, in a few words under its picture. */
export function factsOf(thing: KitThing): string {
  const facts = [
    thing.paintKind === null || thing.paintKind === 'split'
      ? ''
      : paintKindNames[thing.paintKind].replace(' cake', ''),
    thing.finish === null || thing.finish === 'regular' ? '' : finishNames[thing.finish],
    thing.widthMm === null ? '' : `${thing.widthMm} mm`,
    thing.lengthMm === null ? '' : `${thing.lengthMm} mm`,
    thing.gramsLeft === null ? '' : `${thing.gramsLeft} g`,
    thing.gel ? 'gel' : '',
    thing.kind === 'gem' ? (thing.selfStick ? 'self-stick' : 'glued') : '',
    thing.reservedFor === '' ? '' : `keeps ${thing.reservedFor}`,
  ];

  return facts.filter((fact) => fact !== '').join(' · ');
}
