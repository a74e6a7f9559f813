import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** Answers of so many questions are kept, the newest; a shelf and what was tried of it. */
const MOST_KEPT = 60;

interface Shelves extends DBSchema {
  answers: { key: string; value: { answer: unknown; at: number }; indexes: { at: number } };
}

/**
 * Answers that this browser has worked out before: the same question has the same answer, and a parcel opened again need not be
 * searched again. Kept under a hash of the question and of the program that answers it, so that a newer program asks anew.
 */
export interface AnswerMemory {
  /**
   * What was answered before, else what `work` answers now.
   *
   * @param isWhole false for an answer that another question would not get: broken off, or failed
   */
  answered<Answer>(question: unknown, isWhole: (answer: Answer) => boolean, work: () => Promise<Answer>): Promise<Answer>;
}

const NAME = 'inch-nest-answers';

/**
 * The memory in IndexedDB. Where that cannot be had every question is worked out.
 *
 * @param program what tells one version of the program from another
 */
export function openAnswerMemory(program: string): AnswerMemory {
  let opened: Promise<IDBPDatabase<Shelves>> | null = null;
  const shelves = async () =>
    (opened ??= openDB<Shelves>(NAME, 1, {
      upgrade: (database) => void database.createObjectStore('answers').createIndex('at', 'at'),
      // whoever forgets all of it is not kept waiting
      blocking: (_, __, event) => {
        opened = null;
        (event.target as IDBDatabase).close();
      },
      terminated: () => (opened = null),
    }));
  const keep = async (key: string, answer: unknown): Promise<void> => {
    const transaction = (await shelves()).transaction('answers', 'readwrite');
    await transaction.store.put({ answer, at: Date.now() }, key);
    let left = (await transaction.store.count()) - MOST_KEPT;
    for (let oldest = await transaction.store.index('at').openCursor(); oldest && left > 0; left--) {
      await oldest.delete();
      oldest = await oldest.continue();
    }
    await transaction.done;
  };
  return {
    async answered<Answer>(question: unknown, isWhole: (answer: Answer) => boolean, work: () => Promise<Answer>) {
      const key = await hashOf(`${program}\n${JSON.stringify(question)}`).catch(() => null);
      const known = key === null ? undefined : await shelves().then((store) => store.get('answers', key), nothing);
      if (known) return known.answer as Answer;
      const answer = await work();
      // it is there for the next time, and nobody waits for that
      if (key !== null && isWhole(answer)) void keep(key, answer).catch(nothing);
      return answer;
    },
  };
}

/** Forgets all of it. */
export const forgetAnswers = (): void => void globalThis.indexedDB?.deleteDatabase(NAME);

const nothing = (): undefined => undefined;

async function hashOf(text: string): Promise<string> {
  const hash = await crypto.subtle.digest('SHA-256', new TextEncoder().encode(text));
  return [...new Uint8Array(hash)].map((byte) => byte.toString(16).padStart(2, '0')).join('');
}
