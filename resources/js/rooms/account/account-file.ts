import { flushSync, mount, unmount } from 'svelte';
import { strToU8, unzipSync, zipSync } from 'fflate';
import { everyPage } from '../../api/pages';
import type { DesignTape } from '../../api/types.gen';
import FaceMap from '../../facemap/FaceMap.svelte';
import { lookOf } from '../../facemap/looks';

/** A design's picture as a file of its own. */
export function pictureOf({ id, name, placement, steps }: DesignTape): string {
  const target = document.createElement('div');
  const drawn = mount(FaceMap, { target, props: { title: name, placement, steps, look: lookOf(id) } });
  flushSync();
  const svg = target.querySelector('svg');
  svg?.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  svg?.removeAttribute('class');
  const text = svg?.outerHTML ?? '';
  void unmount(drawn);

  return text;
}

/** Names that any file system takes, none of them twice. */
export function fileNames(names: readonly string[]): string[] {
  const taken = new Map<string, number>();

  return names.map((name) => {
    const plain = name.replace(/[^\p{L}\p{N}]+/gu, ' ').trim() || 'design';
    const count = (taken.get(plain.toLowerCase()) ?? 0) + 1;
    taken.set(plain.toLowerCase(), count);

    return count === 1 ? plain : `${plain} ${count}`;
  });
}

/** The zip that the server gives out, with a picture of each design beside it: only a browser draws them. */
export function withPictures(zip: Uint8Array, designs: readonly DesignTape[]): Uint8Array<ArrayBuffer> {
  const names = fileNames(designs.map(({ name }) => name));
  const pictures = Object.fromEntries(
    designs.map((design, at) => [`pictures/${names[at]}.svg`, strToU8(pictureOf(design))]),
  );

  return new Uint8Array(zipSync({ ...unzipSync(zip), ...pictures }));
}

/** All that is the team's, handed over as a file. */
export async function takeOut(fetchZip: () => Promise<ArrayBuffer>): Promise<void> {
  const [zip, designs] = await Promise.all([fetchZip(), everyPage<DesignTape>('designs')]);
  const blob = new Blob([withPictures(new Uint8Array(zip), designs)], { type: 'application/zip' });
  const link = document.createElement('a');
  link.href = URL.createObjectURL(blob);
  link.download = 'inch-timer-account.zip';
  link.click();
  URL.revokeObjectURL(link.href);
}
