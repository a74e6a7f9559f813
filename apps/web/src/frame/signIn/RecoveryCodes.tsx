'use client';
import { Button } from 'antd';
import { Printer } from 'lucide-react';

/** Codes against a forgotten password, shown this once. */
export function RecoveryCodes({ codes, onDone }: { codes: readonly string[]; onDone: () => void }) {
  return (
    <section className="recovery" aria-labelledby="recovery">
      <h2 id="recovery">Print these and put them away</h2>
      <p>
        Each lets you choose a new password once, when the old one is forgotten. They are shown this one time; whoever has one and your name
        can come in.
      </p>
      <ol>
        {codes.map((code) => (
          <li key={code} className="numeral">
            {code}
          </li>
        ))}
      </ol>
      <div className="recovery-acts">
        <Button size="large" icon={<Printer size={20} aria-hidden />} onClick={() => window.print()}>
          Print
        </Button>
        <Button size="large" type="primary" onClick={onDone}>
          They are put away
        </Button>
      </div>
    </section>
  );
}
