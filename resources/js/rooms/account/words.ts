import type { Role } from '../../api/types.gen';

export const roleWords: Record<Role, { name: string; does: string }> = {
  owner: { name: 'owner', does: 'paints, and answers for the team' },
  artist: { name: 'artist', does: 'paints' },
  helper: { name: 'helper', does: 'takes names and calls; sees no prices, designs or logbook' },
};
