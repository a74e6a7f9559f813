'use client';
import { Button } from 'antd';
import { Minus, Plus } from 'lucide-react';

/** A visible − and +; without a `more` there is one at most, and − takes it away. */
export function Stepper({ label, less, more }: { label: string; less: () => void; more?: () => void }) {
  return (
    <span className="stepper">
      <Button icon={<Minus size={20} aria-hidden />} aria-label={`${more ? 'Less' : 'Without'} ${label}`} onClick={less} />
      {more && <Button icon={<Plus size={20} aria-hidden />} aria-label={`More ${label}`} onClick={more} />}
    </span>
  );
}
