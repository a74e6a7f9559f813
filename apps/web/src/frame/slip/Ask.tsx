'use client';
import { Popover } from 'antd';
import type { ReactNode } from 'react';

/** A figure that can be asked where it comes from: its formula and its source, one touch away. */
export function Ask({
  title,
  answer,
  className = '',
  children,
}: {
  title: string;
  answer: ReactNode;
  className?: string;
  children: ReactNode;
}) {
  return (
    <Popover trigger="click" title={title} content={<div className="provenance">{answer}</div>}>
      <button type="button" className={`ask ${className}`}>
        {children}
      </button>
    </Popover>
  );
}
