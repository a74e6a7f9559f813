'use client';
import { Button } from 'antd';

/** Done was pressed before the picture that the house waits for; a camera may be flat, so there is a way on without it. */
export const PictureFirst = ({ titles, onWithout }: { titles: readonly string[]; onWithout: () => void }) => (
  <div className="banner mind" role="alert">
    <span>
      <b>Its picture first: the next step hides it.</b> {titles.join('; ')}. Photograph it, then Done.
    </span>
    <Button size="large" onClick={onWithout}>
      Go on without it
    </Button>
  </div>
);
