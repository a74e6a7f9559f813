import { isPicture } from './photoKinds.ts';

/** Somewhere pictures go, and where on the page that is. */
interface Taker {
  readonly at: () => Element | null;
  readonly take: (files: readonly File[]) => void;
}

const takers = new Set<Taker>();

/** The pictures among what is dropped or pasted. */
export const picturesIn = (data: Pick<DataTransfer, 'files'> | null): File[] => [...(data?.files ?? [])].filter(isPicture);

/** Of those who take pictures the one whose part of the page it fell on, else the first of the page. */
function takerFor(target: EventTarget | null): Taker | undefined {
  const all = [...takers].filter(({ at }) => at()?.isConnected);
  const section = target instanceof Element ? target.closest('section') : null;
  return all.find(({ at }) => section?.contains(at())) ?? all[0];
}

const dragged = (event: DragEvent) => {
  // without this a browser opens what is dropped, and the page is gone
  if (event.dataTransfer?.types.includes('Files')) event.preventDefault();
};
const given = (event: DragEvent | ClipboardEvent) => {
  const pictures = picturesIn('clipboardData' in event ? event.clipboardData : event.dataTransfer);
  const taker = pictures.length > 0 ? takerFor(event.target) : undefined;
  if (!taker) return;
  event.preventDefault();
  taker.take(pictures);
};

/**
 * Takes pictures that are dropped on the page or pasted into it, as long as it is there.
 *
 * @returns ends it
 */
export function takePictures(taker: Taker): () => void {
  if (takers.size === 0) {
    document.addEventListener('dragover', dragged);
    document.addEventListener('drop', given);
    document.addEventListener('paste', given);
  }
  takers.add(taker);
  return () => {
    takers.delete(taker);
    if (takers.size > 0) return;
    document.removeEventListener('dragover', dragged);
    document.removeEventListener('drop', given);
    document.removeEventListener('paste', given);
  };
}
