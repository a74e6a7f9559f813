/** Kinds of pictures that are taken, as browsers call them; some know no name for what telephones write. */
export const PHOTO_KINDS: readonly string[] = ['image/jpeg', 'image/png', 'image/webp', 'image/heic', 'image/heif'];
const HEIC_NAME = /\.hei[cf]$/i;

/** True of a file that is a picture by its kind, or by its name where the browser knows no kind. */
export const isPicture = ({ type, name }: Pick<File, 'type' | 'name'>): boolean =>
  PHOTO_KINDS.includes(type) || (type === '' && HEIC_NAME.test(name));

/** What a picker of files is told. */
export const PHOTO_ACCEPT = [...PHOTO_KINDS, '.heic', '.heif'].join(',');

/** What is said of them beside the picker. */
export const PHOTO_SAYS = 'JPEG, PNG, WebP or HEIC up to 20 MB; where it was taken is not kept';
