import Link from 'next/link';

export default function NotFound() {
  return (
    <main className="alone">
      <h1>No such parcel</h1>
      <p>It is not on this shelf. The tag may be from another shop, or the address was cut short.</p>
      <Link href="/">To the shelf</Link>
    </main>
  );
}
