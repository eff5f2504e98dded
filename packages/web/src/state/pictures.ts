import type { ShownBy } from '@kobby/core';
import type * as Pictures from '@kobby/pictures';
import { inject, provide, shallowRef, type InjectionKey } from 'vue';

declare const PICTURES_AT: string;
const shippedAt = typeof PICTURES_AT === 'string' ? PICTURES_AT : '/pictures';

type Shipped = typeof Pictures;
const shipped = shallowRef<Shipped | null>(null);
let asked = false;

/** The index of the pictures that ship, fetched when the first of them is looked for; null until it is there. */
export function shippedPictures(): Shipped | null {
  if (!asked) {
    asked = true;
    import('@kobby/pictures').then(
      (said) => (shipped.value = said),
      // Without it names stand alone; the next page asks again.
      () => (asked = false),
    );
  }
  return shipped.value;
}

/** The address of a picture that ships. */
export const shippedAddress = (id: string): string => `${shippedAt}/${id}.svg`;

/** How a page shows pictures: whether only what the home photographed or drew, and where the home's files are given out. */
export interface PictureWays {
  readonly isRealistic: () => boolean;
  readonly fileAddress: (sha256: string) => string;
}
const KEY: InjectionKey<PictureWays> = Symbol('pictures');
export const providePictures = (ways: PictureWays): void => provide(KEY, ways);
export const usePictures = (): PictureWays | null => inject(KEY, null);

/** Where the picture of something is; null when it has none, or none that this home wants to see. */
export function pictureAddress(
  { name, picture }: ShownBy,
  { isRealistic, fileAddress }: PictureWays,
): string | null {
  if (picture?.from === 'home') return fileAddress(picture.file.sha256);
  if (picture?.from === 'none' || isRealistic()) return null;
  const index = shippedPictures();
  if (picture?.from === 'kobby')
    return !index || index.isShipped(picture.id) ? shippedAddress(picture.id) : null;
  const id = index?.pictureNamed(name) ?? null;
  return id === null ? null : shippedAddress(id);
}
