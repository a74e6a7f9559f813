'use client';
import { Button } from 'antd';

export default function Broken({ reset }: { reset: () => void }) {
  return (
    <main className="alone">
      <h1>Something broke on this screen</h1>
      <p>What was saved is safe. Try again; if it comes back, start the application anew.</p>
      <Button type="primary" onClick={reset}>
        Try again
      </Button>
    </main>
  );
}
