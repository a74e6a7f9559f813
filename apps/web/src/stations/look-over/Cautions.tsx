/** The usual cautions, where they apply. */
export function Cautions({ list }: { list: readonly string[] }) {
  return (
    <section className="cautions" aria-label="Cautions">
      <h2>Mind</h2>
      <ul>
        {list.map((caution) => (
          <li key={caution}>{caution}</li>
        ))}
      </ul>
    </section>
  );
}
