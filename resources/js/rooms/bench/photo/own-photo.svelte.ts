import type { CropArea } from 'svelte-easy-crop';
import { api } from '../../../api/client';
import type { PhotoOf, PhotoPlace, PhotoShown } from '../../../api/types.gen';
import type { Bench } from '../bench.svelte';

/** So many dots a side are sent: the server keeps no more. */
const SIDE = 1_200;
const QUALITY = 0.85;

/** Its bytes themselves, for a picture to be read from: nothing has to be let go of afterwards. */
const addressOf = (file: Blob): Promise<string> =>
  new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(reader.result as string);
    reader.onerror = () => reject(new Error('That file cannot be read. Choose it again.'));
    reader.readAsDataURL(file);
  });

/** What of a picture was chosen, as a small square one. */
async function cut(image: Blob, { x, y, width, height }: CropArea): Promise<Blob> {
  const dots = await createImageBitmap(image, { imageOrientation: 'from-image' });
  const side = Math.round(Math.min(SIDE, width));
  const canvas = document.createElement('canvas');
  canvas.width = side;
  canvas.height = side;
  canvas.getContext('2d')?.drawImage(dots, x, y, width, height, 0, 0, side, side);
  dots.close();

  return new Promise((resolve, reject) => {
    canvas.toBlob(
      (blob) => (blob === null ? reject(new Error('That picture cannot be cut.')) : resolve(blob)),
      'image/jpeg',
      QUALITY,
    );
  });
}

/** A design's own photo, while it is chosen, cut, shown and thrown away. */
export class OwnPhoto {
  /** What was chosen and is not kept yet. */
  chosen = $state.raw<{ file: Blob; address: string } | null>(null);
  area: CropArea | null = null;
  of = $state<PhotoOf>('board');
  yes = $state(false);
  isBusy = $state(false);
  message = $state('');
  private thrownAway = $state.raw<{ photo: PhotoShown; picture: Blob } | null>(null);
  readonly canUndo: boolean = $derived.by(() => this.thrownAway !== null);

  constructor(private readonly bench: Bench) {}

  private get path(): string {
    return `designs/${this.bench.sheet.id}/photo`;
  }

  async choose(file: Blob): Promise<void> {
    this.drop();
    this.message = '';
    this.yes = false;
    this.chosen = { file, address: await addressOf(file) };
  }

  /** Lets go of what was chosen. */
  drop(): void {
    this.chosen = null;
    this.area = null;
  }

  async keep(): Promise<void> {
    const { chosen, area } = this;
    if (chosen === null || area === null) {
      return;
    }
    await this.trying(async () => {
      this.bench.setPhoto(await this.send(await cut(chosen.file, area), this.of, this.yes));
      this.thrownAway = null;
      this.drop();
    });
  }

  async show(place: PhotoPlace, isShown: boolean): Promise<void> {
    const on = this.bench.sheet.photo?.on ?? [];
    const places = isShown ? [...on, place] : on.filter((one) => one !== place);
    await this.trying(async () => this.bench.setPhoto(await this.place(places)));
  }

  async throwAway(): Promise<void> {
    const { photo } = this.bench.sheet;
    if (photo === null) {
      return;
    }
    await this.trying(async () => {
      const picture = new Blob([await api.file(photo.address.replace('/api/', ''))], { type: 'image/jpeg' });
      await api.delete(this.path);
      this.thrownAway = { photo, picture };
      this.bench.setPhoto(null);
    });
  }

  /** The server has forgotten it: this page brings it back, as long as it is open. */
  async bringBack(): Promise<void> {
    const { thrownAway } = this;
    if (thrownAway === null) {
      return;
    }
    await this.trying(async () => {
      const kept = await this.send(thrownAway.picture, thrownAway.photo.of, true);
      this.bench.setPhoto(thrownAway.photo.on.length > 0 ? await this.place(thrownAway.photo.on) : kept);
      this.thrownAway = null;
    });
  }

  private send(picture: Blob, of: PhotoOf, yes: boolean): Promise<PhotoShown> {
    return api.putFile<PhotoShown>(`${this.path}?of=${of}${yes ? '&yes=1' : ''}`, picture);
  }

  private place(on: readonly PhotoPlace[]): Promise<PhotoShown> {
    return api.put<PhotoShown>(`${this.path}/places`, { on });
  }

  private async trying(act: () => Promise<unknown>): Promise<void> {
    this.isBusy = true;
    this.message = '';
    try {
      await act();
    } catch (error) {
      this.message =
        error instanceof DOMException
          ? 'That is no photo this browser can read. Choose a JPEG, PNG or WebP picture.'
          : (error as Error).message;
    } finally {
      this.isBusy = false;
    }
  }
}
