'use client';

/** What did not go, in one sentence; nothing where all is well. */
export const Trouble = ({ says }: { says: string | null }) =>
  says === null ? null : (
    <p className="risk" role="alert">
      ✗ {says}
    </p>
  );
