import type { ParcelView } from '@inch-nest/contracts';

/** A parcel as its file: everything of it but what one person may take back. */
export const exportedParcel = (view: ParcelView): string =>
  JSON.stringify(
    {
      format: 'inch-nest-parcel',
      version: 1,
      parcel: Object.fromEntries(Object.entries(view).filter(([key]) => key !== 'undo' && key !== 'redo')),
    },
    null,
    2,
  );
