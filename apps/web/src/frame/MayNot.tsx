'use client';
import { useRouter } from 'next/navigation';
import { Button } from 'antd';

/** A page that is not hers, in words. */
export function MayNot({ name, says }: { name: string; says: string }) {
  const router = useRouter();
  return (
    <main className="not-hers" id="work">
      <h1>Not here</h1>
      <p>
        {name} may not {says}. An owner can give it under People.
      </p>
      <Button size="large" onClick={() => router.push('/day')}>
        To today’s list
      </Button>
    </main>
  );
}
